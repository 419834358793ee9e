package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import upshot.core.RandomDays;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shift;

class SketchTest {

    private static final int PER_BROKEN = 1000;
    private static final long NO_LIMIT = Long.MAX_VALUE / 4;

    @RepeatedTest(30)
    void changes_that_are_taken_leave_what_timing_the_whole_order_says(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Shoot shoot = Shoot.of(day(run.getCurrentRepetition()));
        RunningOrder begin = ShootingOrder.of(shoot).order();
        int keptUntil = random.nextInt(60);
        Sketch sketch = new Sketch(begin, keptUntil);
        List<List<Integer>> kept = kept(sketch);

        for (int i = 0; i < 60; i++) {
            change(sketch, shoot, random);
            assertThat(sketch.time(NO_LIMIT, PER_BROKEN)).isTrue();
            if (random.nextBoolean()) {
                sketch.take();
                Levels whole = RunningOrder.of(shoot, sketch.crews()).levels();
                assertThat(sketch.levels()).isEqualTo(whole);
            }
        }
        assertThat(kept(sketch)).isEqualTo(kept);
        assertThat(sketch.levels())
                .isEqualTo(RunningOrder.of(shoot, sketch.crews()).levels());
    }

    @RepeatedTest(30)
    void a_change_is_refused_just_below_what_it_costs_and_not_before(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Shoot shoot = Shoot.of(new RandomDays(run.getCurrentRepetition()).workday(16));
        RunningOrder begin = ShootingOrder.of(shoot).order();
        Sketch sketch = new Sketch(begin, 0);

        for (int i = 0; i < 40; i++) {
            change(sketch, shoot, random);
            sketch.time(NO_LIMIT, PER_BROKEN);
            long costs = costs(sketch);

            assertThat(sketch.time(costs, PER_BROKEN)).isTrue();
            assertThat(sketch.time(costs - 1, PER_BROKEN)).isFalse();
            assertThat(sketch.promises(costs, PER_BROKEN, 0)).isTrue();
            assertThat(sketch.levels()).isEqualTo(begin.levels());
        }
    }

    private static long costs(Sketch sketch) {
        long low = 0;
        long high = NO_LIMIT;
        while (low < high) {
            long middle = (low + high) / 2;
            if (sketch.time(middle, PER_BROKEN)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    private static Plan day(int seed) {
        Plan plan = new RandomDays(seed).plan(14, 4);
        return seed % 3 == 0
                ? plan.apply(new Change.Add(
                        new Shift(UUID.randomUUID(), "Unit", 1, 0, LocalTime.of(9, 30), LocalTime.of(12, 0), 1)))
                : plan;
    }

    private static List<List<Integer>> kept(Sketch sketch) {
        return sketch.drafts().stream()
                .map(draft ->
                        Arrays.stream(draft.setups(0, draft.kept())).boxed().toList())
                .toList();
    }

    private static void change(Sketch sketch, Shoot shoot, Random random) {
        CrewSketch draft = any(sketch, random);
        CrewSketch target = any(sketch, random);
        int free = draft.size() - draft.kept();
        int setup = random.nextInt(shoot.size());
        if (!sketch.shot(setup)) {
            int out = random.nextInt(Math.min(2, free) + 1);
            sketch.exchange(draft, draft.kept() + random.nextInt(free - out + 1), out, setup);
        } else if (free == 0) {
            sketch.exchange(draft, draft.size(), 0, -1);
        } else if (random.nextInt(4) == 0) {
            sketch.exchange(draft, draft.kept() + random.nextInt(free), 1, -1);
        } else if (random.nextInt(3) == 0 && target.size() > target.kept()) {
            int other = target.kept() + random.nextInt(target.size() - target.kept());
            sketch.swap(draft, draft.kept() + random.nextInt(free), target, other);
        } else {
            int many = 1 + random.nextInt(free);
            int places = target.size() - target.kept() - (target == draft ? many : 0) + 1;
            sketch.move(
                    draft,
                    draft.kept() + random.nextInt(free - many + 1),
                    many,
                    target,
                    target.kept() + random.nextInt(places),
                    random.nextBoolean());
        }
    }

    private static CrewSketch any(Sketch sketch, Random random) {
        return sketch.drafts().get(random.nextInt(sketch.drafts().size()));
    }
}
