package upshot.core.search;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import java.util.ArrayList;
import java.util.List;
import upshot.core.order.RunningOrder;
import upshot.core.order.Shoot;
import upshot.core.order.Stepping;

/** One order that the search looks at. */
@PlanningSolution
public class Candidate {

    @PlanningEntityCollectionProperty
    List<Round> rounds = new ArrayList<>();

    @PlanningEntityCollectionProperty
    @ValueRangeProvider
    List<Stop> stops = new ArrayList<>();

    /** Level 0 never broken; then musts, shoulds, bonuses and minutes. */
    @PlanningScore(bendableHardLevelsSize = 1, bendableSoftLevelsSize = 4)
    BendableLongScore score;

    /** For the solver. */
    public Candidate() {}

    /**
     * A candidate that begins with an order.
     *
     * @param keptUntilMin what begins before this minute stays
     */
    static Candidate of(RunningOrder order, int keptUntilMin) {
        Candidate candidate = new Candidate();
        Shoot shoot = order.shoot();
        Stepping stepping = new Stepping(shoot);
        for (int i = 0; i < shoot.size(); i++) {
            var setup = shoot.setups().get(i);
            candidate.stops.add(new Stop(i, setup.priority(), setup.shots().size(), stepping));
        }
        for (int i = 0; i < shoot.crews().size(); i++) {
            int kept = order.kept(i, keptUntilMin);
            Round round = new Round(i, shoot.crews().get(i), kept);
            order.crews().get(i).forEach(setup -> round.stops.add(candidate.stops.get(setup)));
            candidate.rounds.add(round);
        }
        return candidate;
    }

    List<List<Integer>> crews() {
        return rounds.stream()
                .map(round -> round.stops.stream().map(stop -> stop.setup).toList())
                .toList();
    }
}
