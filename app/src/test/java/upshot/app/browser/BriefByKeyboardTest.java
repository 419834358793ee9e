package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** A whole brief by keyboard alone. */
@AppTest
class BriefByKeyboardTest extends InBrowser {

    private static final int MOST_TABS = 250;

    /** Walks with the Tab key until a control has the focus; nothing else is allowed. */
    private Locator tabTo(Locator control) {
        for (int i = 0; i < MOST_TABS; i++) {
            if ((boolean) control.evaluate("element => element === document.activeElement")) {
                return control;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("The Tab key never reaches " + control);
    }

    private void type(String text) {
        page.keyboard().type(text);
    }

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    private void openBlock(String id) {
        tabTo(page.locator("#block-" + id + " .block-open"));
        press("Enter");
        assertThat(page.locator("#block-" + id + " .block-open")).hasText("Close");
    }

    /** Types a value into a field in place of what is there. */
    private void set(Locator field, String value) {
        tabTo(field);
        press("Control+A");
        type(value);
        press("Tab");
    }

    private Locator label(String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    @Test
    void a_whole_brief_by_keyboard_alone() {
        newJob("Keys only");
        talkByKeyboard();
        deliveryAndMusicByKeyboard();
        dayByKeyboard();
        agendaAndRulesByKeyboard();
        spotsPeopleAndKitByKeyboard();
    }

    private void talkByKeyboard() {
        Locator line = page.getByLabel("Who does what");
        tabTo(line);
        type("Potter throws a bowl 40s repeats messy left-to-right");
        assertThat(page.locator("#line-understood")).containsText("Understood: 40 srepeatsmessyleft to right");
        assertThat(page.locator("#line-mirror mark.is-fact")).hasCount(4);
        press("Enter");
        assertThat(page.locator(".action-name")).hasText("Potter throws a bowl");
        assertThat(line).isFocused();
        type("Guests arrive 12 s oddly");
        assertThat(page.locator("#line-understood")).containsText("Not understood: oddly");
        press("Enter");
        assertThat(page.locator(".action-name")).hasCount(2);
        tabTo(page.locator("[data-grip]").nth(1));
        press("ArrowUp");
        assertThat(page.locator(".action-name").first()).hasText("Guests arrive");
        assertThat(page.locator("[data-grip]").first()).isFocused();
    }

    private void deliveryAndMusicByKeyboard() {
        openBlock("delivery");
        set(label("Promo"), "24");
        set(label("Also in"), "9:16, 1:1");
        assertThat(page.locator("#job-line")).containsText("24 s promo");
        openBlock("music");
        set(label("Tempo"), "100");
        assertThat(page.locator("#job-line")).containsText("100 bpm");
        tabTo(page.locator("[data-tap]"));
        press("Enter", "Enter", "Enter", "Enter");
        assertThat(page.locator("[data-tapped]")).containsText("bpm");
    }

    private void dayByKeyboard() {
        tabTo(page.locator("#day .block-open"));
        press("Enter");
        assertThat(label("Call")).isVisible();
        set(label("Call"), "14:30");
        set(label("Wrap"), "21:00");
        assertThat(page.locator(".dayband")).containsText("Crew, call 14:30, wrap 21:00");
        tabTo(label("On the map"));
        type("52.63 N 1.30 E");
        assertThat(label("Time zone there")).hasValue("Europe/London");
        set(label("Time zone there"), "Pacific/Auckland");
        press("Enter");
        assertThat(page.locator("form:has([name=coordinates]) [data-problem]")).containsText("11.9 h from the sun");
        assertThat(label("It is right all the same")).isVisible();
        set(label("Time zone there"), "Europe/London");
        press("Enter");
        assertThat(page.locator("#day .day-facts")).containsText("52.63° N");
        tabTo(label("Date"));
        type("10092026");
        press("Tab");
        assertThat(page.locator(".dayband")).containsText("golden 17:27");
    }

    private void agendaAndRulesByKeyboard() {
        openBlock("agenda");
        tabTo(page.locator("#agenda-text"));
        type("19:40 Kiln opens 10 min");
        tabTo(page.locator(".take-in:has(#agenda-text) button[type=submit]"));
        press("Enter");
        Locator take = page.locator(".take-in:has(#agenda-text) [data-preview] button");
        assertThat(take).isFocused();
        press("Enter");
        assertThat(page.locator("#block-agenda .record summary")).containsText("Kiln opens");
        assertThat(page.locator(".dayband")).containsText("19:40 Kiln opens");
        openBlock("house");
        tabTo(page.locator(".presets button").nth(2));
        press("Enter");
        assertThat(page.locator(".presets [aria-pressed=true]")).hasText("Product");
        set(page.locator("#threshold-TAIL"), "4");
        press("Enter");
        assertThat(page.locator("#said")).containsText("roll after the last clean second");
    }

    private void spotsPeopleAndKitByKeyboard() {
        openBlock("spots");
        tabTo(page.locator("#new-spot"));
        type("Yard");
        press("Enter");
        assertThat(page.locator("#block-spots .record summary").last()).containsText("Yard");
        openBlock("people");
        tabTo(page.locator("#new-subject"));
        type("Glazier");
        press("Enter");
        assertThat(page.locator("#block-people .record summary strong:text-is('Glazier')"))
                .isVisible();
        // A rest unfolds with the person who has it, and its time is set there.
        tabTo(page.locator("#rest-of"));
        type("Gl");
        press("Tab", "Enter");
        Locator from =
                page.locator("#block-people .inner-records details[open] input").first();
        assertThat(from).isVisible();
        tabTo(from);
        set(from, "13:30");
        assertThat(page.locator("#block-people .inner-records summary")).containsText("13:30, 15 min");
        openBlock("kit");
        tabTo(page.locator("#block-kit button:text-is('Phone')"));
        press("Enter");
        assertThat(page.locator("#block-kit")).containsText("Hand grip");
    }
}
