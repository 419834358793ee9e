package upshot.core.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListSwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.SubListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.kopt.KOptListMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.List;
import java.util.function.Consumer;
import upshot.core.order.Levels;
import upshot.core.order.RunningOrder;

/** The part of a search that the solver does, with the day as its constraints. */
final class Solving {

    private final Search.Effort effort;
    private volatile Solver<Candidate> solver;
    private volatile boolean stopped;

    Solving(Search.Effort effort) {
        this.effort = effort;
    }

    /**
     * Looks for something better than an order.
     *
     * @param share what part of the effort it takes
     * @param better told of what is found
     */
    void run(RunningOrder start, double share, Consumer<RunningOrder> better) {
        solver = SolverFactory.<Candidate>create(config(start.shoot().size(), share))
                .buildSolver();
        solver.addEventListener(event -> better.accept(
                RunningOrder.of(start.shoot(), event.getNewBestSolution().crews())));
        if (!stopped) {
            Candidate found = solver.solve(Candidate.of(start, effort.keptUntilMin()));
            better.accept(RunningOrder.of(start.shoot(), found.crews()));
        }
    }

    void stop() {
        stopped = true;
        Solver<Candidate> running = solver;
        if (running != null) {
            running.terminateEarly();
        }
    }

    /**
     * Annealing, because a search that begins with a good order must be able to leave it; moves are counted and not steps,
     * because near the end hardly any move makes a step.
     */
    private SolverConfig config(int setups, double share) {
        TerminationConfig ends = new TerminationConfig();
        effort.moves().ifPresent(moves -> ends.setMoveCountLimit(Math.max(1, (long) (moves * share))));
        effort.time()
                .ifPresent(time ->
                        ends.setSpentLimit(Duration.ofMillis(Math.max(1, (long) (time.toMillis() * share)))));
        TerminationConfig enough = new TerminationConfig();
        effort.enough()
                .ifPresent(levels -> enough.setBestScoreLimit(score(levels).toString()));
        return new SolverConfig()
                .withSolutionClass(Candidate.class)
                .withEntityClasses(Round.class, Stop.class)
                .withConstraintProviderClass(DayConstraints.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(effort.seed())
                .withTerminationConfig(enough)
                .withPhases(new LocalSearchPhaseConfig()
                        .withTerminationConfig(ends)
                        .withAcceptorConfig(new LocalSearchAcceptorConfig()
                                .withSimulatedAnnealingStartingTemperature(
                                        heat(setups).toString()))
                        .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                        .withMoveSelectorConfig(new UnionMoveSelectorConfig(List.of(
                                new ListChangeMoveSelectorConfig().withFixedProbabilityWeight(1.0),
                                new ListSwapMoveSelectorConfig().withFixedProbabilityWeight(1.0),
                                new SubListChangeMoveSelectorConfig().withFixedProbabilityWeight(1.0),
                                new KOptListMoveSelectorConfig().withFixedProbabilityWeight(1.0)))));
    }

    /**
     * What an order may lose at first to win elsewhere: with eight setups a few shots, an hour of broken limits and most
     * of an hour, and the less the more setups there are, because then there is time for fewer tries with each.
     */
    private static BendableLongScore heat(int setups) {
        int many = Math.max(8, setups);
        int shots = Math.max(1, 32 / many);
        return BendableLongScore.of(new long[] {Math.max(3, 480 / many)}, new long[] {
            shots, shots, shots, Math.max(150, 300_000 / (many * many))
        });
    }

    /** The score of the search for levels. */
    static BendableLongScore score(Levels levels) {
        return BendableLongScore.of(
                new long[] {-levels.brokenMin()},
                new long[] {-levels.musts(), -levels.shoulds(), -levels.bonuses(), -levels.hundredths()});
    }
}
