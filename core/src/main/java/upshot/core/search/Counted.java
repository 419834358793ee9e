package upshot.core.search;

import ai.timefold.solver.core.api.score.stream.ConstraintJustification;
import java.util.List;
import upshot.core.order.Match;

/** What the minutes of one setup are made of, as the constraint counted them. */
public record Counted(int setup, List<Match> matches) implements ConstraintJustification {}
