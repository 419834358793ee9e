package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Noise;
import upshot.core.plan.Plan;
import upshot.core.plan.Rise;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.size.Posture;

/** What happens once, what is said, what is heard, and what is played backwards. */
class TakesAndSoundTest extends ShotOnSample {

    @ParameterizedTest
    @CsvSource({"48, 1, 24, true", "48, 1, 25, false", "96, 0.5, 24, true", "47, 1, 24, false"})
    void twelve_seconds_cannot_be_shown_of_what_lasts_two(int frames, double step, int rate, boolean outlasts) {
        // 2 s at 24 of an action of 1.99 s; half of the frames shown twice, or 25 recorded on 24, take less of it.
        Shot shot = shot(
                one -> one.with("once", true).with("durationS", 1.99),
                one -> one.with("captureRate", FrameRate.of(rate)));
        Use use = sample.use(shot, frames);
        Plan plan = step == 1 ? sample.build() : sample.build().apply(Change.set(use, "frameStep", step));

        assertThat(status(new Outlasts(), plan, shot).isPresent()).isEqualTo(outlasts);
        assertThat(status(new Outlasts(), plan.apply(Change.set(plan.actionOf(shot), "once", false)), shot))
                .as("what repeats is shown as often as one likes")
                .isEmpty();
    }

    @Test
    void all_uses_of_it_together_are_no_longer_than_it_lasts() {
        Shot shot = shot(one -> one.with("once", true).with("durationS", 3.0), one -> one);
        sample.use(shot, 48);
        Plan fits = sample.build();
        sample.use(shot, 25);

        assertThat(status(new Outlasts(), fits, shot)).isEmpty();
        assertThat(status(new Outlasts(), sample.build(), shot)).contains(Status.BREAK);
    }

    @Test
    void a_second_take_of_what_happens_once_is_named_unless_it_can_be_staged_again() {
        Shot shot = shot(one -> one.with("once", true), one -> one.with("takes", 2));
        Plan plan = sample.build();
        Finding finding = new SecondTake().judge(plan, shot).orElseThrow();

        for (int mend = 0; mend < 2; mend++) {
            Plan mended = mended(plan, finding, mend);
            assertThat(status(new SecondTake(), mended, again(mended, shot))).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({"true, 24, false", "true, 25, true", "false, 25, false"})
    void speech_is_captured_at_the_rate_of_the_timeline(boolean speech, int rate, boolean broken) {
        Shot shot = shot(one -> one.with("speech", speech), one -> one.with("captureRate", FrameRate.of(rate)));
        Plan plan = sample.build();

        assertThat(status(new SpeechRate(), plan, shot).isPresent()).isEqualTo(broken);
        new SpeechRate().judge(plan, shot).ifPresent(finding -> {
            Plan mended = mended(plan, finding, 0);
            assertThat(status(new SpeechRate(), mended, again(mended, shot))).isEmpty();
        });
    }

    @ParameterizedTest
    @CsvSource({
        "LOUD, true, '', false, true",
        "LOUD, false, steps, false, true",
        "LOUD, false, steps, true, false",
        "LOUD, false, '', false, false",
        "SOME, true, '', false, false"
    })
    void speech_beside_a_loud_road_is_watched(
            Noise noise, boolean speech, String sound, boolean unwanted, boolean watched) {
        Shot shot = shot(one -> one.with("speech", speech).with("sound", sound).with("noSound", unwanted), one -> one);
        Plan plan = spot(sample.build(), shot, "noise", noise);

        assertThat(status(new LoudPlace(), plan, shot).isPresent()).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"17:30, 18:00, true", "17:29, 18:00, false", "17:30, 18:16, false"})
    void what_cannot_get_away_from_the_loud_hours_is_watched(LocalTime from, LocalTime until, boolean watched) {
        Shot shot = shot(
                one -> one.with("speech", true)
                        .with("fromTime", Optional.of(from))
                        .with("untilTime", Optional.of(until)),
                one -> one);
        Plan quiet = sample.build();
        Plan plan = spot(
                spot(quiet, shot, "loudFrom", Optional.of(LocalTime.of(17, 30))),
                shot,
                "loudUntil",
                Optional.of(LocalTime.of(18, 15)));

        assertThat(status(new LoudPlace(), quiet, shot)).isEmpty();
        assertThat(status(new LoudPlace(), plan, shot).isPresent()).isEqualTo(watched);
    }

    private boolean backwards(Plan plan, Shot shot) {
        return new Backwards().judge(plan, shot).isPresent();
    }

    @Test
    void smoke_falls_walks_speech_and_states_are_seen_to_run_backwards_and_a_rigid_thing_is_not() {
        Shot shot = shot(one -> one.with("line", Line.NONE), one -> one);
        Use use = sample.use(shot);
        Plan forwards = sample.build();
        Plan plan = forwards.apply(Change.set(use, "frameStep", -1.0));

        assertThat(backwards(plan, shot)).as("nothing that one would see").isFalse();
        for (Change change : new Change[] {
            Change.set(plan.actionOf(shot), "name", "Smoke rises from the tube"),
            Change.set(plan.actionOf(shot), "cautions", Cautions.of(Caution.FIRE)),
            Change.set(plan.actionOf(shot), "rises", Rise.DOWN),
            Change.set(plan.actionOf(shot), "posture", Posture.WALKING),
            Change.set(plan.actionOf(shot), "line", Line.TRAVEL),
            Change.set(plan.actionOf(shot), "speech", true),
            Change.set(plan.actionOf(shot), "setsState", "opened")
        }) {
            assertThat(backwards(plan.apply(change), shot)).as("%s", change).isTrue();
            assertThat(backwards(forwards.apply(change), shot)).isFalse();
        }
    }
}
