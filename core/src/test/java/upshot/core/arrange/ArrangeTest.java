package upshot.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.SamplePlan;
import upshot.core.coverage.Fill;
import upshot.core.cut.BeatSeconds;
import upshot.core.cut.StoryCut;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;

class ArrangeTest {

    /** {@code ./upshot torment} tries fifty. */
    private static final int COVERAGES = Integer.getInteger("upshot.coverages", 16);

    private static final int STEPS = 1_500;

    /** A covered job as it may come: some actions travel, some look, some are features, some shots are slow or move. */
    private static Plan coverage(long seed) {
        Random random = new Random(seed);
        SamplePlan sample = new SamplePlan().brief("lengthS", 12.0 + random.nextInt(20));
        if (random.nextBoolean()) {
            sample.brief("tempoBpm", Optional.of(90.0 + random.nextInt(60)));
        }
        List<Action> actions = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(5); i++) {
            boolean late = i > 2;
            actions.add(sample.action(one -> one.with("line", Line.values()[random.nextInt(3)])
                    .with("feature", random.nextInt(4) == 0)
                    .with("beatId", late ? sample.nextBeat() : one.beatId())
                    .with("subjectId", random.nextInt(3) == 0 ? sample.otherPerson() : one.subjectId())));
        }
        for (int i = 0; i < random.nextInt(8); i++) {
            sample.shot(
                    actions.get(random.nextInt(actions.size())),
                    shot -> shot.with("bearingDeg", random.nextInt(36) * 10.0)
                            .with("move", random.nextInt(3) == 0 ? Move.PAN : Move.STILL)
                            .with("captureRate", FrameRate.of(random.nextInt(3) == 0 ? 120 : 24)));
        }
        Plan plan = sample.build();
        return plan.apply(new Fill(sample::id, Codes.of(plan)).propose(plan, hole -> true));
    }

    private static Supplier<UUID> ids(long from) {
        Random random = new Random(from);
        return () -> new UUID(random.nextLong() & ~0xf000L | 0x4000L, random.nextLong() & ~(3L << 62) | 2L << 62);
    }

    private static Verdict arranged(Plan plan, long seed) {
        return Verdict.of(plan.apply(new Arrange(ids(7), Manner.PLACE_FIRST, seed, STEPS).propose(Verdict.of(plan))));
    }

    @Test
    void over_many_coverages_it_never_has_more_against_it_than_the_cut_in_story_order() {
        int better = 0;
        for (long seed = 0; seed < COVERAGES; seed++) {
            Plan plan = coverage(seed);
            int told = Arrange.weight(Verdict.of(plan.apply(new StoryCut(ids(1)).propose(plan))));
            Verdict found = arranged(plan, seed);

            assertThat(found.cut().missingFrames()).as("seed %d", seed).isZero();
            assertThat(Arrange.weight(found)).as("seed %d", seed).isLessThanOrEqualTo(told);
            better += Arrange.weight(found) < told ? 1 : 0;
        }
        assertThat(better).as("coverages in which it finds something better").isGreaterThan(COVERAGES / 2);
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 4, 5})
    void the_same_seed_gives_the_same_cut_and_another_another(long seed) {
        Plan plan = coverage(seed);

        assertThat(arranged(plan, 1).plan()).isEqualTo(arranged(plan, 1).plan());
        assertThat(arranged(plan, 2).plan().uses())
                .extracting(Use::shotId, Use::frames)
                .isNotEqualTo(arranged(plan, 1).plan().uses().stream()
                        .map(use -> tuple(use.shotId(), use.frames()))
                        .toList());
    }

    @Test
    void joints_lie_on_half_beats_of_the_music() {
        Plan plan = coverage(11).apply(Change.set(coverage(11).brief(), "tempoBpm", Optional.of(100.0)));
        BeatGrid grid = BeatGrid.of(plan, BeatGrid.Step.HALF, plan.brief().lengthFrames());

        assertThat(arranged(plan, 1).cut().uses().stream().map(placed -> placed.startFrame()))
                .isSubsetOf(grid.frames());
    }

    @Test
    void pinned_uses_stay_where_they_are_and_the_rest_is_found_round_them() {
        Plan covered = coverage(5);
        Plan cut = covered.apply(new StoryCut(ids(1)).propose(covered));
        Use pinned = cut.uses().get(2);
        long start = Verdict.of(cut).cut().uses().get(2).startFrame();
        Plan withPin = cut.apply(Change.set(pinned, "pinned", true));
        Verdict found = arranged(withPin, 1);

        assertThat(found.cut().uses())
                .filteredOn(placed -> placed.use().id().equals(pinned.id()))
                .singleElement()
                .satisfies(placed -> {
                    assertThat(placed.startFrame()).isEqualTo(start);
                    assertThat(placed.use().frames()).isEqualTo(pinned.frames());
                });
        assertThat(found.cut().missingFrames()).isZero();
        assertThat(found.cut().uses()).hasSizeGreaterThan(1);
    }

    @Test
    void what_was_accepted_of_uses_that_go_goes_with_them() {
        Plan covered = coverage(6);
        Plan cut = covered.apply(new StoryCut(ids(1)).propose(covered));
        Plan accepted = cut.apply(new Change.Add(new Accepted(
                ids(9).get(),
                "too-alike",
                Optional.of(cut.uses().get(0).id()),
                Optional.of(cut.uses().get(1).id()),
                Optional.empty(),
                true,
                Optional.empty(),
                "It is a joke.")));
        Change change = new Arrange(ids(7), Manner.PLACE_FIRST, 1, 50).propose(Verdict.of(accepted));

        assertThat(accepted.apply(change).apply(change.inverse())).isEqualTo(accepted);
    }

    @Test
    void there_is_nothing_to_arrange_without_shots() {
        SamplePlan sample = new SamplePlan();
        sample.action();

        assertThat(new Arrange(ids(7), Manner.PLACE_FIRST, 1, 50)
                        .propose(Verdict.of(sample.build()))
                        .changes())
                .isEmpty();
    }

    @Test
    void a_beat_gets_about_the_seconds_that_were_asked_for_it() {
        Plan plan = coverage(8);
        plan = plan.apply(Change.set(plan.brief(), "lengthS", 24.0));
        Plan asked = plan.apply(Change.set(plan.beats().get(1), "targetS", Optional.of(6.0)));
        Verdict found = arranged(asked, 1);
        double ending = found.cut().uses().stream()
                .filter(placed ->
                        placed.action().beatId().equals(asked.beats().get(1).id()))
                .mapToDouble(
                        placed -> asked.brief().rate().secondsOf(placed.use().frames()))
                .sum();

        assertThat(BeatSeconds.of(asked).values()).containsExactlyInAnyOrder(18.0, 6.0);
        assertThat(ending).isBetween(4.0, 8.0);
    }
}
