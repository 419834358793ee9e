package upshot.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import ai.timefold.solver.core.api.score.analysis.ScoreAnalysis;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.solver.SolverConfig;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.order.DayPlan;
import upshot.core.order.Levels;
import upshot.core.order.Match;
import upshot.core.order.Pace;
import upshot.core.order.RunningOrder;
import upshot.core.order.Shoot;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shift;
import upshot.core.plan.Turn;

class SearchTest {

    /** Worth about a second on one core of a small machine. */
    private static final long MOVES = 150_000;

    private static final int DAYS = 200;

    @Test
    void small_days_are_solved_as_well_as_by_trying_every_order() {
        Random random = new Random(7);
        List<Double> over = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            Shoot shoot = Shoot.of(new RandomDays(day).plan(3 + random.nextInt(6), 0.8 + random.nextInt(30) / 10.0));
            Levels exact = ExactOrder.of(shoot).levels();
            Levels found =
                    search(shoot, Search.Effort.moves(day, MOVES).until(exact)).levels();

            assertThat(exact.brokenMin()).isZero();
            assertThat(found.sameAboveMinutes(exact))
                    .as("day %d: %s against %s", day, found, exact)
                    .isTrue();
            over.add(exact.hundredths() == found.hundredths() ? 0 : found.minutes() / exact.minutes() - 1);
        }
        assertThat(over).allSatisfy(one -> assertThat(one).isBetween(0.0, 0.03));
        assertThat(over.stream().filter(one -> one == 0).count()).isGreaterThanOrEqualTo(DAYS * 95 / 100);
    }

    private static RunningOrder search(Shoot shoot, Search.Effort effort) {
        return new Search(ShootingOrder.of(shoot).order(), effort).run(better -> {});
    }

    @Test
    void the_same_seed_finds_the_same_order_and_each_report_is_better_than_the_last() {
        Shoot shoot = Shoot.of(new RandomDays(3).workday(14));
        List<Levels> reports = new ArrayList<>();
        RunningOrder begin = ShootingOrder.of(shoot).order();
        RunningOrder once = new Search(begin, Search.Effort.moves(5, 3000)).run(better -> reports.add(better.levels()));
        RunningOrder again = search(shoot, Search.Effort.moves(5, 3000));

        assertThat(again.crews()).isEqualTo(once.crews());
        assertThat(reports)
                .isNotEmpty()
                .isSortedAccordingTo(Collections.reverseOrder())
                .doesNotHaveDuplicates();
        assertThat(once.levels()).isEqualTo(reports.get(reports.size() - 1)).isLessThan(begin.levels());
    }

    @Test
    void with_a_time_limit_it_anneals_and_ends() {
        RunningOrder begin = ShootingOrder.of(new RandomDays(3).workday(14)).order();
        RunningOrder found = new Search(begin, Search.Effort.time(1, Duration.ofMillis(400))).run(better -> {});

        assertThat(found.levels()).isLessThan(begin.levels());
    }

    @Test
    void a_search_that_is_stopped_at_once_keeps_what_there_was() {
        RunningOrder begin = ShootingOrder.of(new RandomDays(3).workday(14)).order();
        Search search = new Search(begin, Search.Effort.moves(5, 1_000_000_000));
        search.stop();

        assertThat(search.run(better -> {})).isSameAs(begin);
    }

    @RepeatedTest(40)
    void no_order_breaks_what_is_never_broken(RepetitionInfo run) {
        Plan plan = new RandomDays(500 + run.getCurrentRepetition()).plan(12, 3);
        if (run.getCurrentRepetition() % 4 == 0) {
            plan = plan.apply(new Change.Add(
                    new Shift(UUID.randomUUID(), "Second unit", 1, 0, LocalTime.of(9, 30), LocalTime.of(12, 0), 1)));
        }
        Shoot shoot = Shoot.of(plan);
        RunningOrder found = search(shoot, Search.Effort.moves(1, 1500));

        assertThat(ShootingOrder.of(shoot).order().levels().brokenMin()).isZero();
        assertThat(found.levels().brokenMin()).isZero();
        assertThat(found.levels())
                .isLessThanOrEqualTo(ShootingOrder.of(shoot).order().levels());
        LimitsKept.check(found);
    }

    @Test
    void pinned_setups_and_what_begins_before_a_minute_stay() {
        Plan free = new RandomDays(11).workday(14);
        RunningOrder begin = ShootingOrder.of(free).order();
        DayPlan.Slot late = ShootingOrder.of(free).slots().get(9);
        Turn pin = new Turn(
                UUID.randomUUID(),
                late.setup().first().id(),
                Optional.empty(),
                1,
                Optional.of(LocalTime.of(8, 0).plusMinutes(late.startMin() + 40)),
                false);
        RunningOrder pinned = search(Shoot.of(free.apply(new Change.Add(pin))), Search.Effort.moves(2, 3000));
        assertThat(pinned.all().stream()
                        .filter(pace ->
                                pinned.shoot().setups().get(pace.setup()).equals(late.setup()))
                        .map(Pace::startMin))
                .containsExactly(late.startMin() + 40);

        int noon = begin.paces().get(0).get(5).startMin();
        List<Integer> kept = search(begin.shoot(), Search.Effort.moves(2, 3000).keeping(noon))
                .crews()
                .get(0)
                .subList(0, 5);
        assertThat(kept).isEqualTo(begin.crews().get(0).subList(0, 5));
    }

    /** Any order at all: what the constraints count is what the order itself says, to the hundredth of a minute. */
    @RepeatedTest(10)
    void constraints_and_words_count_the_same(RepetitionInfo run) {
        Shoot shoot = Shoot.of(new RandomDays(run.getCurrentRepetition()).plan(9, 4));
        List<Integer> shuffled =
                new ArrayList<>(IntStream.range(0, shoot.size()).boxed().toList());
        Collections.shuffle(shuffled, new Random(run.getCurrentRepetition()));
        RunningOrder order = RunningOrder.of(shoot, List.of(shuffled.subList(0, 7)));
        SolverFactory<Candidate> factory = SolverFactory.create(new SolverConfig()
                .withSolutionClass(Candidate.class)
                .withEntityClasses(Round.class, Stop.class)
                .withConstraintProviderClass(DayConstraints.class));
        Candidate candidate = Candidate.of(order, 0);
        SolutionManager<Candidate, BendableLongScore> manager = SolutionManager.create(factory);
        manager.update(candidate);
        ScoreAnalysis<BendableLongScore> analysis = manager.analyze(candidate);

        assertThat(analysis.score()).isEqualTo(Solving.score(order.levels()));
        Map<Integer, List<Match>> counted = analysis.getConstraintAnalysis("minutes").matches().stream()
                .map(match -> (Counted) match.justification())
                .collect(Collectors.toMap(Counted::setup, Counted::matches));
        assertThat(counted).hasSize(7);
        order.all().forEach(pace -> assertThat(counted.get(pace.setup())).isEqualTo(Match.of(pace)));
    }
}
