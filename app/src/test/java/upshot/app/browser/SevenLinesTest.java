package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A craft workshop as somebody types it who has never seen this before, from the first line to the call sheet. */
class SevenLinesTest extends InBrowser {

    private static final int MOST = 40;
    private static final Map<String, List<String>> LINES = Map.of(
            "Opening",
            List.of("Marta folds sheets 20 s repeats"),
            "Middle",
            List.of(
                    "Marta sews them on a frame 60 s repeats",
                    "Glue is brushed on the spine 8 s messy",
                    "The press is screwed down 6 s",
                    "Visitors come in at the door from 14:00",
                    "Tom stamps the title in gold at 15:30 once hot"),
            "Ending",
            List.of("A child opens the finished book"));

    private int gestures;

    private void gesture(Runnable what) {
        gestures++;
        what.run();
    }

    @Test
    void seven_lines_become_a_call_sheet_in_forty_gestures() {
        newJob("A workshop");
        gestures = 2;
        for (String beat : List.of("Opening", "Middle", "Ending")) {
            gesture(() -> page.locator("#quick-beat").selectOption(new SelectOption().setLabel(beat)));
            LINES.get(beat).forEach(this::typed);
        }
        assertThat(page.locator(".action")).hasCount(7);
        assertThat(page.locator(".chip-choice.is-guess")).hasCount(9);
        assertThat(page.locator("#block-people")).not().containsText("Glue");
        Accessible.check(page, "guesses");

        answered("The place", "What makes this place what it is?", "Rows of old tools on the wall");
        answered("Its sound", "What does it sound like?", "the press creaks");
        assertThat(page.locator("#said")).containsText("the sound of The press is screwed down");

        gesture(() -> stage(2));
        gesture(() -> page.keyboard().press("f"));
        assertThat(page.locator(".thumb").nth(15)).isVisible();
        gesture(() -> stage(3));
        gesture(() -> page.keyboard().press("b"));
        gesture(() -> button("Take this cut: Place first").click());
        assertThat(page.locator("#length")).containsText("fill the promo to the frame");
        assertThat(gauge("joints break")).hasText("0");
        gesture(() -> stage(5));
        assertThat(page.locator(".offer-line")).containsText("nothing is lost");
        gesture(() -> button("Call later").click());
        assertThat(page.locator("#said")).containsText("call at");
        gesture(() -> page.getByText("Call sheet", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .click());
        assertThat(page.locator("body")).containsText("Tom stamps the title in gold");
        assertThat(gestures).isLessThanOrEqualTo(MOST);
    }

    /** Another question of the talk than what happens. */
    private void answered(String choice, String asks, String line) {
        gesture(() -> page.locator("#quick-beat").selectOption(new SelectOption().setLabel(choice)));
        assertThat(page.locator("#talk-asks")).hasText(asks);
        typed(line);
    }

    /** Two gestures: the line, and Enter. */
    private void typed(String line) {
        gesture(() -> page.locator("#quick-line").fill(line));
        gesture(() -> page.locator("#quick-line").press("Enter"));
        assertThat(page.locator("#quick-line")).hasValue("");
    }
}
