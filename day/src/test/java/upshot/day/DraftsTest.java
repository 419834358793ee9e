package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

class DraftsTest {

    private static final double PER_BROKEN = 1000;
    private static final double NO_LIMIT = 1e15;

    @RepeatedTest(60)
    void changes_that_are_taken_leave_what_timing_the_whole_order_says(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        DayOrder begin = DayOrder.constructed(RandomProblems.of(run.getCurrentRepetition(), 14));
        Drafts drafts = new Drafts(begin, random.nextInt(60));
        List<List<Integer>> kept = kept(drafts);

        for (int i = 0; i < 60; i++) {
            change(drafts, random);
            assertThat(drafts.time(NO_LIMIT, PER_BROKEN)).isTrue();
            if (random.nextBoolean()) {
                drafts.take();
                DayOrder whole = DayOrder.of(begin.clock(), drafts.order().crews());
                assertThat(drafts.merit()).isEqualTo(whole.merit());
                assertThat(drafts.order().all())
                        .extracting(DayState::times)
                        .isEqualTo(whole.all().stream().map(DayState::times).toList());
                assertThat(left(drafts)).containsExactlyInAnyOrderElementsOf(whole.left());
            }
        }
        assertThat(kept(drafts)).isEqualTo(kept);
    }

    @RepeatedTest(30)
    void a_change_is_refused_just_below_what_it_costs_and_not_before(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        DayOrder begin = DayOrder.constructed(RandomProblems.of(run.getCurrentRepetition(), 16));
        Drafts drafts = new Drafts(begin, 0);

        for (int i = 0; i < 40; i++) {
            change(drafts, random);
            drafts.time(NO_LIMIT, PER_BROKEN);
            double costs = costs(drafts);

            assertThat(drafts.time(costs, PER_BROKEN)).isTrue();
            assertThat(drafts.time(costs - 1, PER_BROKEN)).isFalse();
            assertThat(drafts.promises(costs, PER_BROKEN, 0)).isTrue();
            assertThat(drafts.merit()).isEqualTo(begin.merit());
        }
    }

    private static double costs(Drafts drafts) {
        double low = 0;
        double high = NO_LIMIT;
        while (low < high) {
            double middle = Math.floor((low + high) / 2);
            if (drafts.time(middle, PER_BROKEN)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    private static List<List<Integer>> kept(Drafts drafts) {
        return drafts.crews().stream()
                .map(crew ->
                        IntStream.range(0, crew.kept()).mapToObj(crew::setup).toList())
                .toList();
    }

    private static List<Integer> left(Drafts drafts) {
        return IntStream.range(0, drafts.left().size())
                .mapToObj(drafts.left()::setup)
                .toList();
    }

    /** One of all kinds of change, at any place that is free. */
    private static void change(Drafts drafts, Random random) {
        Draft draft = any(drafts, random);
        Draft target = any(drafts, random);
        Draft left = drafts.left();
        int out = random.nextInt(Math.min(2, draft.free()) + 1);
        int at = draft.kept() + random.nextInt(draft.free() - out + 1);
        if (left.size() > 0 && random.nextInt(3) == 0) {
            drafts.exchange(draft, Stretch.of(at, out), left, Stretch.of(random.nextInt(left.size()), 1));
        } else if (draft.free() == 0 || random.nextInt(4) == 0) {
            drafts.exchange(draft, Stretch.of(at, out), left, Stretch.of(left.size(), 0));
        } else {
            int many = 1 + random.nextInt(draft.free());
            int places = target.free() - (target == draft ? many : 0) + 1;
            drafts.move(
                    draft,
                    new Stretch(draft.kept() + random.nextInt(draft.free() - many + 1), many, random.nextBoolean()),
                    target,
                    target.kept() + random.nextInt(places));
        }
    }

    private static Draft any(Drafts drafts, Random random) {
        return drafts.crews().get(random.nextInt(drafts.crews().size()));
    }
}
