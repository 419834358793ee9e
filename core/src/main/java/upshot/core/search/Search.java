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
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.core.order.Levels;
import upshot.core.order.Polish;
import upshot.core.order.RunningOrder;

/**
 * Looks for a better order than one that is known, by polishing and by annealing in turn. With a limit of moves alone the same seed finds the same
 * order again; with a time limit it does not. What it finds is never worse than what it began with.
 */
public final class Search {

    private final RunningOrder begin;
    private final Effort effort;
    private volatile Solver<Candidate> solver;
    private volatile boolean stopped;

    /**
     * How long to look and where.
     *
     * @param seed of the chance in it
     * @param moves tried at most, none for no limit
     * @param time at most, none for no limit
     * @param enough where to stop early
     * @param keptUntilMin setups that begin before this minute stay where they are; 0 for none
     */
    public record Effort(
            long seed, Optional<Long> moves, Optional<Duration> time, Optional<Levels> enough, int keptUntilMin) {

        /** So many moves, the same order for the same seed. */
        public static Effort moves(long seed, long moves) {
            return new Effort(seed, Optional.of(moves), Optional.empty(), Optional.empty(), 0);
        }

        /** So much time. */
        public static Effort time(long seed, Duration time) {
            return new Effort(seed, Optional.empty(), Optional.of(time), Optional.empty(), 0);
        }

        /** The same, with everything that begins before a minute left alone. */
        public Effort keeping(int untilMin) {
            return new Effort(seed, moves, time, enough, untilMin);
        }

        /** The same, done when it is as good as this. */
        public Effort until(Levels levels) {
            return new Effort(seed, moves, time, Optional.of(levels), keptUntilMin);
        }
    }

    /** A search that begins with an order. */
    public Search(RunningOrder begin, Effort effort) {
        this.begin = begin;
        this.effort = effort;
    }

    /**
     * Annealing, because a search that begins with a good order must be able to leave it; moves are counted and not steps,
     * because near the end hardly any move makes a step.
     */
    private SolverConfig config(int round, Optional<Duration> time) {
        TerminationConfig ends = new TerminationConfig();
        effort.moves().ifPresent(moves -> ends.setMoveCountLimit(Math.max(1, moves / rounds())));
        time.ifPresent(ends::setSpentLimit);
        TerminationConfig enough = new TerminationConfig();
        effort.enough()
                .ifPresent(levels -> enough.setBestScoreLimit(score(levels).toString()));
        return new SolverConfig()
                .withSolutionClass(Candidate.class)
                .withEntityClasses(Round.class, Stop.class)
                .withConstraintProviderClass(DayConstraints.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(effort.seed() + round)
                .withTerminationConfig(enough)
                .withPhases(new LocalSearchPhaseConfig()
                        .withTerminationConfig(ends)
                        .withAcceptorConfig(new LocalSearchAcceptorConfig()
                                .withSimulatedAnnealingStartingTemperature(
                                        heat(begin.shoot().size()).toString()))
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

    /**
     * Searches until the effort is spent or somebody stops it: half of the time at most goes into polishing what there is,
     * the rest into leaving it for something better, and a tenth into polishing that.
     *
     * @param better told each order that is better than all before it, on the searching thread
     */
    public RunningOrder run(Consumer<RunningOrder> better) {
        if (begin.shoot().size() == 0) {
            return begin;
        }
        Best best = new Best(begin, better);
        long from = System.nanoTime();
        Polish.of(begin, effort.keptUntilMin(), () -> spent(from, 0.5), best);
        int rounds = rounds();
        for (int round = 0; round < rounds && !stopped && !enough(best.levels); round++) {
            RunningOrder start = round == 0 ? best.order : elsewhere(round, from, best);
            anneal(best, start, round, leftOf(from, rounds - round));
            Polish.of(best.order, effort.keptUntilMin(), () -> spent(from, 1), best);
        }
        return best.order;
    }

    /** Where few setups leave time for it, one unlucky annealing costs less when there are others. */
    private int rounds() {
        return Math.max(1, Math.min(6, 48 / begin.shoot().size()));
    }

    /** Somewhere else to begin: setups as chance has them, as far as they break nothing, and then polished. */
    private RunningOrder elsewhere(int round, long from, Best best) {
        if (effort.keptUntilMin() > 0) {
            return best.order;
        }
        Random random = new Random(effort.seed() + round);
        List<Integer> all =
                new ArrayList<>(IntStream.range(0, begin.shoot().size()).boxed().toList());
        Collections.shuffle(all, random);
        RunningOrder start =
                RunningOrder.of(begin.shoot(), Collections.nCopies(begin.crews().size(), List.of()));
        for (int setup : all) {
            List<List<Integer>> with = new ArrayList<>(start.crews());
            int crew = random.nextInt(with.size());
            with.set(
                    crew,
                    Stream.concat(with.get(crew).stream(), Stream.of(setup)).toList());
            RunningOrder tried = RunningOrder.of(begin.shoot(), with);
            start = tried.levels().brokenMin() == 0 ? tried : start;
        }
        RunningOrder polished = Polish.of(start, 0, () -> spent(from, 0.9), none -> {});
        best.accept(polished);
        return polished;
    }

    private void anneal(Best best, RunningOrder start, int round, Optional<Duration> time) {
        solver = SolverFactory.<Candidate>create(config(round, time)).buildSolver();
        solver.addEventListener(event -> best.accept(
                RunningOrder.of(begin.shoot(), event.getNewBestSolution().crews())));
        if (stopped) {
            return;
        }
        Candidate found = solver.solve(Candidate.of(start, effort.keptUntilMin()));
        best.accept(RunningOrder.of(begin.shoot(), found.crews()));
    }

    private boolean spent(long fromNanos, double share) {
        return stopped
                || effort.time()
                        .filter(time -> System.nanoTime() - fromNanos > time.toNanos() * share)
                        .isPresent();
    }

    private boolean enough(Levels levels) {
        return effort.enough().filter(one -> levels.compareTo(one) <= 0).isPresent();
    }

    private Optional<Duration> leftOf(long fromNanos, int rounds) {
        return effort.time().map(time -> {
            long left = time.toNanos() * 9 / 10 - (System.nanoTime() - fromNanos);
            return Duration.ofMillis(Math.max(1, left / rounds / 1_000_000));
        });
    }

    /** The best so far; whoever waits for it hears of it. */
    private static final class Best implements Consumer<RunningOrder> {

        private final Consumer<RunningOrder> better;
        private RunningOrder order;
        private Levels levels;

        Best(RunningOrder order, Consumer<RunningOrder> better) {
            this.better = better;
            this.order = order;
            this.levels = order.levels();
        }

        @Override
        public void accept(RunningOrder found) {
            Levels here = found.levels();
            if (here.compareTo(levels) < 0) {
                order = found;
                levels = here;
                better.accept(found);
            }
        }
    }

    /** Ends the search soon; what it has found so far is kept. */
    public void stop() {
        stopped = true;
        Solver<Candidate> running = solver;
        if (running != null) {
            running.terminateEarly();
        }
    }
}
