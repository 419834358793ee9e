package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.Consent;
import upshot.core.plan.Focus;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Posture;
import upshot.core.size.Size;

/** Cautions and checks that nobody has to tag. */
class RaisedCautionsTest extends ShotOnSample {

    private static boolean raised(Plan plan, Shot shot, Caution caution) {
        return RaisedCautions.of(plan, shot).tags().contains(caution);
    }

    private static Action riding(Action action, double speedMps) {
        return action.with("speedMps", speedMps).with("posture", Posture.RIDING);
    }

    /** A 50 mm frames a medium of a person from 3.39 m; the way of the subject lies |sin β| of that beside the camera. */
    @ParameterizedTest
    @CsvSource({
        "MEDIUM, 90, STILL, true",
        "MEDIUM, 10, STILL, true",
        "MEDIUM, 90, FOLLOW, false",
        // 15.2 m away for a wide.
        "WIDE, 90, STILL, false",
        "WIDE, 10, STILL, true"
    })
    void a_lens_beside_the_way_of_a_car_raises_the_caution_by_itself(
            Size size, double bearing, Move move, boolean expected) {
        Shot shot = shot(
                one -> riding(one, 8),
                one -> one.with("size", size).with("bearingDeg", bearing).with("move", move));

        assertThat(raised(sample.build(), shot, Caution.VEHICLE)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"1.4, false", "3, false", "3.01, true"})
    void walkers_raise_none_and_what_is_quicker_than_a_runner_does(double speedMps, boolean expected) {
        Shot shot = shot(one -> one.with("speedMps", speedMps), one -> one.with("bearingDeg", 90.0));

        assertThat(raised(sample.build(), shot, Caution.VEHICLE)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "A delivery van turns in, TRAFFIC, true",
        "Buses pull up, TRAFFIC, false",
        "The bus pulls up, TRAFFIC, true",
        "A scarf is tied, TRAFFIC, false",
        "The runner passes the camera, VEHICLE, true"
    })
    void words_of_the_line_raise_them_too(String name, Caution caution, boolean expected) {
        Shot shot = shot(one -> one.with("name", name), one -> one);

        assertThat(raised(sample.build(), shot, caution)).isEqualTo(expected);
    }

    @Test
    void consent_is_asked_for_where_a_face_is_planned_and_not_for_hands_or_a_back() {
        Shot face = shot(one -> one.with("focus", Focus.HANDS), one -> one.with("size", Size.MEDIUM));
        Shot hands = face.with("insertHeightM", Optional.of(0.45)).with("size", Size.INSERT);
        Shot back = face.with("bearingDeg", 180.0);
        Plan plan = sample.build();
        String asked = "Ask Ada for consent: it is still open";

        assertThat(ReadyChecks.of(plan, face)).contains(asked);
        assertThat(ReadyChecks.of(plan, hands)).doesNotContain(asked);
        assertThat(ReadyChecks.of(plan, back)).doesNotContain(asked);
        Plan given = plan.apply(Change.set(plan.subjectOf(face), "consent", Consent.GIVEN));
        assertThat(ReadyChecks.of(given, face)).doesNotContain(asked);
    }
}
