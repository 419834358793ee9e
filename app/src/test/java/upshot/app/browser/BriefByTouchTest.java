package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.account.Account;

/** A whole brief with a finger: no key is pressed but those of the screen. */
@AppTest
class BriefByTouchTest extends InBrowser {

    @Test
    void a_whole_brief_by_touch_alone() {
        Account owner = people.account();
        Page touched = another(true);
        signIn(touched, owner.email(), People.PASSWORD);
        touched.getByLabel("Name").fill("Fingers only");
        touched.locator("button:text-is('Begin')").tap();
        assertThat(touched.locator("body[data-ready]")).isVisible();
        for (String line :
                new String[] {"Rider sets off 8 s left to right traffic", "Rider waves 4 s", "Bike stands, place"}) {
            touched.getByLabel("Who does what").fill(line);
            touched.locator(".quick button[type=submit]").tap();
            assertThat(touched.getByLabel("Who does what")).hasValue("");
        }
        assertThat(touched.locator(".action-name")).hasCount(3);
        // What was said of the last line gives way to the hint, which is taller: the list stands still behind it.
        assertThat(touched.locator("#line-understood")).containsText("Say who does what");
        assertThat(touched.locator("body")).hasAttribute("data-busy", "false");
        BoundingBox first = touched.locator("[data-action]").first().boundingBox();
        Locator grip = touched.locator("[data-grip]").nth(2);
        BoundingBox held = grip.boundingBox();
        Finger.drag(touched, grip, held.x + held.width / 2, first.y + 4);
        assertThat(touched.locator(".action-name").first()).hasText("Bike stands");

        touched.locator(".action-name").nth(1).tap();
        touched.locator(".action-fields .toggle:text-is('animals')").tap();
        assertThat(touched.locator(".action .chip-caution")).hasText(new String[] {"traffic", "animals"});
        touched.locator("#block-spots .block-open").tap();
        touched.locator("#block-spots .record summary").tap();
        touched.locator("#block-spots label:has-text('Outdoors') input").tap();
        assertThat(touched.locator("#block-spots .record summary")).containsText("outdoors");
        touched.locator("#block-kit .block-open").tap();
        touched.locator("#block-kit button:text-is('Phone')").tap();
        assertThat(touched.locator("#block-kit")).containsText("Hand grip");
        touched.locator("#block-house .block-open").tap();
        touched.locator(".presets button:text-is('Travelling subject')").tap();
        assertThat(touched.locator(".presets [aria-pressed=true]")).hasText("Travelling subject");
        deliveryMusicAndDayByTouch(touched);
        agendaAndPeopleByTouch(touched);
    }

    private static void deliveryMusicAndDayByTouch(Page touched) {
        touched.locator("#block-delivery .block-open").tap();
        touched.getByLabel("Promo", new Page.GetByLabelOptions().setExact(true)).fill("24");
        touched.locator("#block-music .block-open").tap();
        assertThat(touched.locator("#job-line")).containsText("24 s promo");
        String unset = touched.locator("#job-line").textContent();
        for (int beat = 0; beat < 4; beat++) {
            touched.locator("[data-tap]").tap();
            touched.waitForTimeout(300);
        }
        assertThat(touched.locator("[data-tapped]")).containsText("bpm");
        assertThat(touched.locator("#job-line")).not().hasText(unset);
        touched.locator("#day .block-open").tap();
        touched.getByLabel("Call", new Page.GetByLabelOptions().setExact(true)).fill("14:30");
        touched.getByLabel("Wrap", new Page.GetByLabelOptions().setExact(true)).fill("21:00");
        touched.locator("#day .block-open").tap();
        assertThat(touched.locator(".dayband")).containsText("Crew, call 14:30, wrap 21:00");
    }

    private static void agendaAndPeopleByTouch(Page touched) {
        touched.locator("#block-agenda .block-open").tap();
        touched.locator("#agenda-text").fill("19:40 Kiln opens 10 min");
        touched.locator(".take-in:has(#agenda-text) button[type=submit]").tap();
        touched.locator(".take-in:has(#agenda-text) [data-preview] button").tap();
        assertThat(touched.locator("#block-agenda .record summary")).containsText("Kiln opens");
        touched.locator("#block-people .block-open").tap();
        touched.locator("#new-subject").fill("Mechanic");
        touched.locator("#block-people form:has(#new-subject) button[type=submit]")
                .tap();
        assertThat(touched.locator("#block-people .record summary strong:text-is('Mechanic')"))
                .isVisible();
    }
}
