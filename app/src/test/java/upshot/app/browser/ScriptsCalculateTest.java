package upshot.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What scripts work out by themselves, against figures worked out by hand. */
class ScriptsCalculateTest extends InBrowser {

    private static final List<Map<String, Integer>> USES =
            List.of(Map.of("start", 0, "end", 24), Map.of("start", 24, "end", 60), Map.of("start", 60, "end", 61));

    /** Calls a function that a script of the pages exports. */
    private Object call(String script, String function, Object... arguments) {
        return page.evaluate(
                "async ([script, name, given]) => (await import(script))[name](...given)",
                List.of("/js/" + script, function, List.of(arguments)));
    }

    @Test
    void scripts_work_out_what_hands_do() {
        newJob("Calculated");

        // A use is on screen from its first frame to the one before the next.
        assertThat(List.of(0, 23, 24, 59, 60, 99))
                .extracting(frame -> call("cut/drawings.js", "useAt", USES, frame))
                .containsExactly(0, 0, 1, 1, 2, 2);
        // A frame that a clock has rounded down is still the next one.
        assertThat(call("cut/drawings.js", "useAt", USES, 23.9999999)).isEqualTo(1);

        // Of two as near the earlier; without a grid every frame.
        assertThat(call("cut/score.js", "snapped", 17, List.of(0, 12, 24))).isEqualTo(12);
        assertThat(call("cut/score.js", "snapped", 18, List.of(0, 12, 24))).isEqualTo(12);
        assertThat(call("cut/score.js", "snapped", 19, List.of(0, 12, 24))).isEqualTo(24);
        assertThat(call("cut/score.js", "snapped", 19, List.of())).isEqualTo(19);

        // Edges at 0, 24, 60 and 61: what falls nearer the end than the last cut goes behind everything.
        assertThat(List.of(0, 11, 13, 45, 60, 90))
                .extracting(frame -> call("cut/score.js", "gapAt", frame, USES))
                .containsExactly(0, 0, 1, 2, 2, 3);

        // On a dial 100 wide: below the middle is in front, its own right on the left, behind above; by steps of 5.
        Map<String, Integer> dial = Map.of("left", 0, "top", 0, "width", 100, "height", 100);
        assertThat(call("coverage/dial.js", "bearingAt", dial, 50, 90, 5)).isEqualTo(0);
        assertThat(call("coverage/dial.js", "bearingAt", dial, 10, 50, 5)).isEqualTo(90);
        assertThat(call("coverage/dial.js", "bearingAt", dial, 50, 10, 5)).isEqualTo(180);
        assertThat(call("coverage/dial.js", "bearingAt", dial, 80, 80, 5)).isEqualTo(315);
        assertThat(call("coverage/dial.js", "bearingAt", dial, 51, 90, 5)).isEqualTo(0);

        // Half a second apart is 120 a minute; one tap that was missed is forgiven.
        assertThat(call("brief/tapping.js", "tempoOf", List.of(0, 500, 1000, 1500)))
                .isEqualTo(120);
        assertThat(call("brief/tapping.js", "tempoOf", List.of(0, 500, 1000, 2000, 2500)))
                .isEqualTo(120);
        assertThat(call("brief/tapping.js", "tempoOf", List.of(0, 480, 1000, 1500)))
                .isEqualTo(120);
    }

    @Test
    void between_two_drawings_of_one_build_everything_lies_between() {
        newJob("Drawn");
        Map<String, Object> still =
                Map.of("shapes", List.of(List.of("circle", "ink", 100, 200)), "eye", List.of(0, 400));
        Map<String, Object> moved =
                Map.of("shapes", List.of(List.of("circle", "ink", 300, 100)), "eye", List.of(80, 400));
        Map<String, Object> other = Map.of("shapes", List.of(List.of("path", "ink", 1, 2)), "eye", List.of(9, 9));

        assertThat(call("cut/drawings.js", "drawingAt", Map.of("keys", List.of(still, moved)), 0.25))
                .isEqualTo(Map.of("shapes", List.of(List.of("circle", "ink", 150, 175)), "eye", List.of(20, 400)));
        assertThat(call("cut/drawings.js", "drawingAt", Map.of("keys", List.of(still, moved)), 2))
                .isEqualTo(moved);
        // Those of another build are changed over at half the way.
        assertThat(call("cut/drawings.js", "drawingAt", Map.of("keys", List.of(still, other)), 0.49))
                .isEqualTo(still);
        assertThat(call("cut/drawings.js", "drawingAt", Map.of("keys", List.of(still, other)), 0.5))
                .isEqualTo(other);
    }
}
