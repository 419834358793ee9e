package upshot.core.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ai.timefold.solver.core.api.score.stream.Joiners;
import ai.timefold.solver.core.api.score.stream.uni.UniConstraintStream;
import java.util.ArrayList;
import java.util.List;
import upshot.core.order.Match;
import upshot.core.plan.Priority;

/** The day as constraints: what is never broken, then musts, shoulds, bonuses, then the minutes. */
public class DayConstraints implements ConstraintProvider {

    private static final int SOFT_LEVELS = 4;
    private static final BendableLongScore BROKEN = BendableLongScore.ofHard(1, SOFT_LEVELS, 0, 1);

    private static BendableLongScore soft(int level) {
        return BendableLongScore.ofSoft(1, SOFT_LEVELS, level, 1);
    }

    @Override
    public Constraint[] defineConstraints(ConstraintFactory all) {
        List<Constraint> constraints = new ArrayList<>();
        constraints.add(placed(all)
                .filter(stop -> stop.pace.brokenMin() > 0)
                .penalizeLong(BROKEN, stop -> stop.pace.brokenMin())
                .asConstraint("never broken"));
        constraints.add(betweenCrews(all));
        for (Priority priority : Priority.values()) {
            constraints.add(all.forEachIncludingUnassigned(Stop.class)
                    .filter(stop -> stop.round == null && stop.priority == priority)
                    .penalizeLong(soft(priority.ordinal()), stop -> stop.shots)
                    .asConstraint("not shot, " + priority.label()));
        }
        constraints.add(placed(all)
                .impactLong(soft(SOFT_LEVELS - 1), stop -> -Match.total(stop.pace))
                .justifyWith((stop, score) -> new Counted(stop.setup, Match.of(stop.pace)))
                .asConstraint("minutes"));
        return constraints.toArray(Constraint[]::new);
    }

    private static UniConstraintStream<Stop> placed(ConstraintFactory all) {
        return all.forEach(Stop.class).filter(stop -> stop.pace != null);
    }

    private static Constraint betweenCrews(ConstraintFactory all) {
        UniConstraintStream<Stop> several = placed(all).filter(stop -> stop.stepping.severalCrews());
        return several.join(
                        several,
                        Joiners.lessThan(stop -> stop.setup),
                        Joiners.filtering((one, other) ->
                                one.round != other.round && one.stepping.betweenCrews(one.pace, other.pace) > 0))
                .penalizeLong(BROKEN, (one, other) -> one.stepping.betweenCrews(one.pace, other.pace))
                .asConstraint("between crews");
    }
}
