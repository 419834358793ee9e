package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static upshot.core.ground.ScreenTravel.LEFT_TO_RIGHT;
import static upshot.core.ground.ScreenTravel.NEUTRAL;
import static upshot.core.ground.ScreenTravel.RIGHT_TO_LEFT;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GroundTest {

    @ParameterizedTest
    @CsvSource({
        "90,LEFT_TO_RIGHT", "270,RIGHT_TO_LEFT", "0,NEUTRAL", "180,NEUTRAL", "20,LEFT_TO_RIGHT", "19.99,NEUTRAL",
        "160,LEFT_TO_RIGHT", "160.01,NEUTRAL", "200,RIGHT_TO_LEFT", "199.99,NEUTRAL", "340,RIGHT_TO_LEFT",
                "340.01,NEUTRAL"
    })
    void travel_by_bearing(double bearingDeg, ScreenTravel expected) {
        assertThat(ScreenTravel.of(bearingDeg, false, 20)).isEqualTo(expected);
    }

    @Test
    void backwards_turns_travel_round_and_neutral_opposes_nothing() {
        assertThat(ScreenTravel.of(90, true, 20)).isEqualTo(RIGHT_TO_LEFT);
        assertThat(ScreenTravel.of(5, true, 20)).isEqualTo(NEUTRAL);
        assertThat(LEFT_TO_RIGHT.opposes(RIGHT_TO_LEFT)).isTrue();
        assertThat(LEFT_TO_RIGHT.opposes(LEFT_TO_RIGHT)).isFalse();
        assertThat(LEFT_TO_RIGHT.opposes(NEUTRAL)).isFalse();
        assertThat(NEUTRAL.opposes(RIGHT_TO_LEFT)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,30,0,30",
        "350,0,20,0,30",
        "0,90,123,90,0",
        "0,0,0,45,45",
        "0,0,180,0,180",
        // Going round counts in full up to 35° above, at 60° by cos 60°/cos 35° = 0.6104.
        "0,35,30,35,30",
        "0,-35,30,35,76.1577",
        "40,60,220,60,109.8697",
        // 30° round from 10° and 20° above: √(30² + 10²).
        "0,10,30,20,31.6228"
    })
    void angle_between_two_views(double b1, double e1, double b2, double e2, double expected) {
        assertThat(ViewAngle.betweenDeg(b1, e1, b2, e2)).isCloseTo(expected, within(1e-4));
    }

    @RepeatedTest(100)
    void mirroring_the_bearing_mirrors_travel_and_keeps_angles(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double one = random.nextDouble() * 360;
        double other = random.nextDouble() * 360;
        double elevation = random.nextDouble() * 80;

        ScreenTravel mirrored = ScreenTravel.of(360 - one, false, 20);

        assertThat(mirrored).isEqualTo(ScreenTravel.of(one, true, 20));
        assertThat(ViewAngle.betweenDeg(360 - one, elevation, 360 - other, 0))
                .isCloseTo(ViewAngle.betweenDeg(one, elevation, other, 0), within(1e-6));
    }
}
