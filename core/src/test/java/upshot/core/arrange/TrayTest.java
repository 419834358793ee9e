package upshot.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;

class TrayTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();
    private final Shot first = sample.shot(action, 60);
    private final Shot alike = sample.shot(action, 65);
    private final Shot flipped =
            sample.shot(action, one -> one.with("bearingDeg", 300.0).with("size", Size.WIDE));
    private final Shot clean =
            sample.shot(action, one -> one.with("bearingDeg", 60.0).with("size", Size.CLOSE_UP));

    @Test
    void the_shot_that_cuts_clean_comes_first_and_the_others_say_why_not() {
        sample.use(first);
        var offers = Tray.at(Verdict.of(sample.build()), 1, false, 24, 10);

        assertThat(offers).extracting(Tray.Offer::shot).startsWith(clean).hasSize(4);
        assertThat(offers.get(0).reason()).isEqualTo("Cuts clean");
        assertThat(offers)
                .filteredOn(offer -> offer.shot().equals(flipped))
                .extracting(Tray.Offer::reason)
                .containsExactly("Travel flips after " + first.code());
        assertThat(offers)
                .filteredOn(offer -> offer.shot().equals(alike))
                .extracting(Tray.Offer::weight)
                .containsExactly(10);
    }

    @Test
    void a_clean_one_of_another_beat_comes_before_one_of_this_beat_that_wants_watching() {
        Shot watched = sample.shot(action, 85);
        Shot elsewhere = sample.shot(
                sample.action(one -> one.with("beatId", sample.nextBeat())),
                one -> one.with("bearingDeg", 60.0).with("size", Size.CLOSE_UP));
        sample.use(first);
        var offers = Tray.at(Verdict.of(sample.build()), 1, false, 24, 10);

        assertThat(offers).extracting(Tray.Offer::weight).isSorted();
        assertThat(offers)
                .extracting(Tray.Offer::shot)
                .filteredOn(shot -> !shot.equals(alike) && !shot.equals(flipped))
                .containsExactly(clean, elsewhere, watched, first);
    }

    @Test
    void both_neighbours_are_asked_and_instead_of_a_use_its_own_neighbours() {
        sample.use(first);
        sample.use(flipped);
        Verdict verdict = Verdict.of(sample.build());

        assertThat(Tray.at(verdict, 1, false, 24, 10))
                .filteredOn(offer -> offer.shot().equals(clean))
                .singleElement()
                .satisfies(offer -> {
                    assertThat(offer.reason()).isEqualTo("Travel flips before " + flipped.code());
                    assertThat(offer.weight()).as("a break").isEqualTo(10);
                });
        assertThat(Tray.at(verdict, 1, true, 24, 10).get(0).shot()).isEqualTo(clean);
        assertThat(Tray.at(verdict, 0, true, 24, 10).get(0).reason()).doesNotContain(first.code());
    }

    @Test
    void in_an_empty_cut_there_is_nothing_to_join() {
        assertThat(Tray.at(Verdict.of(sample.build()), 0, false, 24, 10))
                .extracting(Tray.Offer::reason)
                .containsOnly("Nothing to join it to yet");
    }
}
