package upshot.core.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPinToIndex;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;
import upshot.core.order.Crew;

/** What one crew shoots, in order. The search changes the list. */
@PlanningEntity
public class Round {

    @PlanningId
    int index;

    Crew crew;

    @PlanningListVariable(allowsUnassignedValues = true)
    List<Stop> stops = new ArrayList<>();

    /** How many from the front stay: they have been shot, or somebody keeps them. */
    @PlanningPinToIndex
    int kept;

    /** For the solver. */
    public Round() {}

    Round(int index, Crew crew, int kept) {
        this.index = index;
        this.crew = crew;
        this.kept = kept;
    }
}
