package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** The day put in another order: by search, by keys, pointer and finger; too short a day, what if, and print. */
@AppTest
class DayOrderTest extends InBrowser {

    private static final Pattern SOME = Pattern.compile(".+");

    private void dayOfThree(Page page) {
        newJob("Day");
        happens("Potter throws a bowl 40s", "Opening");
        happens("Glazer dips a jug", "Middle");
        happens("Mate sweeps the floor", "Middle");
        made("fill", Map.of());
        stage(5);
    }

    private Locator setup(int number) {
        return page.locator("#setup-" + number);
    }

    private List<String> codes() {
        return page.locator("a.slot-body .code").allInnerTexts();
    }

    private void settled() {
        assertThat(page.locator("body")).hasAttribute("data-busy", "false");
    }

    @Test
    void a_search_goes_on_elsewhere_is_stopped_taken_and_undone() {
        dayOfThree(page);
        List<String> before = codes();
        page.keyboard().press("b");
        Locator dialog = page.locator("#searching");
        assertThat(dialog).containsText("The search begins with the order as it stands");
        dialog.getByLabel("Search for").fill("60");
        button("Search").click();
        assertThat(dialog).containsText("Searching for 60 s");
        assertThat(dialog.locator(".search-progress")).isVisible();
        Accessible.check(page, "a search that runs");
        anAnswerIsLost();
        dialog.locator("[data-close]").click();
        stage(2);
        stage(5);
        assertThat(page.locator("[data-search-words]")).containsText("Searching for a better order");
        page.locator(".search-strip button").click();
        button("Stop, keep the best").click();
        assertThat(dialog).containsText("Done: ");
        assertThat(dialog.locator(".compare")).containsText("Getting ready");
        Accessible.check(page, "an order that was found");
        button("Take this order").click();
        assertThat(page.locator("#said")).containsText("take the order that was found");
        assertThat(page.locator(".search-strip")).isHidden();
        assertThat(codes()).isNotEqualTo(before).containsExactlyInAnyOrderElementsOf(before);
        List<String> found = codes();

        button("Against the usual order").click();
        assertThat(page.locator("#usual .compare")).containsText("Usual");
        page.locator("#usual [data-close]").click();
        page.keyboard().press("u");
        assertThat(page.locator("#said")).containsText("Undo");
        assertThat(codes()).isEqualTo(before).isNotEqualTo(found);
    }

    /** The search is asked about again after it. */
    private void anAnswerIsLost() {
        AtomicInteger lost = new AtomicInteger();
        page.route("**/day/search", route -> {
            lost.incrementAndGet();
            route.abort();
        });
        page.waitForCondition(() -> lost.get() > 0);
        page.unroute("**/day/search");
        page.waitForResponse(answer -> answer.url().endsWith("/day/search"), () -> {});
        expectComplaints("net::ERR_FAILED");
    }

    @Test
    void a_setup_is_moved_by_keys_pointer_and_pinned() {
        dayOfThree(page);
        List<String> before = codes();
        setup(1).click();
        assertThat(page.locator("#panel h2")).containsText("Setup 1");
        assertThat(page.locator("#panel")).containsText("First of the day: getting ready takes");
        page.keyboard().press("l");
        assertThat(page.locator("#panel h2")).containsText("Setup 2");
        assertThat(codes().get(1)).isEqualTo(before.get(0));
        page.keyboard().press("e");
        assertThat(page.locator("#panel h2")).containsText("Setup 1");
        assertThat(codes()).isEqualTo(before);
        settled();

        Locator grip = page.locator("[data-grip]").first();
        grip.focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#panel h2")).containsText("Setup 2");
        assertThat(page.locator("[data-grip]:focus")).hasCount(1);
        settled();

        page.locator("[data-grip]").nth(3).hover();
        page.mouse().down();
        page.mouse().move(600, page.locator("#setup-1").boundingBox().y + 2);
        page.mouse().move(602, page.locator("#setup-1").boundingBox().y + 1);
        assertThat(page.locator("[data-move-words]")).containsText("begins at 09:15");
        page.mouse().up();
        assertThat(page.locator("#said")).containsText("move");
        settled();

        setup(3).click();
        assertThat(page.locator("#panel h2")).containsText("Setup 3");
        page.keyboard().press("p");
        assertThat(setup(3)).containsText("pinned");
        assertThat(page.locator("#panel")).containsText("Pinned: getting ready begins at");
        Accessible.check(page, "a pinned setup");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(setup(3)).isVisible();
        assertThat(page.locator(".clock").first()).hasText("09:00");
        assertThat(page.locator(".grip:visible, .side:visible, .top:visible, button:visible"))
                .hasCount(0);
        assertThat(page.locator(".work")).hasCSS("background-color", "rgb(255, 255, 255)");
    }

    @Test
    void a_finger_moves_a_setup() {
        dayOfThree(page);
        String address = page.url();
        Page phone = another(true);
        phone.context().addCookies(page.context().cookies());
        phone.navigate(address);
        assertThat(phone.locator("body[data-ready]")).isVisible();
        String first = phone.locator("[data-setup]").first().getAttribute("data-setup");
        phone.locator("[data-setup]")
                .nth(1)
                .evaluate("one => one.scrollIntoView({ block: 'center', behavior: 'instant' })");
        phone.evaluate("() => document.fonts.ready");
        BoundingBox second = phone.locator("[data-setup]").nth(1).boundingBox();
        Finger.drag(phone, phone.locator("[data-grip]").first(), second.x + 40, second.y + second.height - 4);
        assertThat(phone.locator("#said")).containsText("move");
        assertThat(phone.locator("[data-setup]").nth(1)).hasAttribute("data-setup", first);
    }

    @Test
    void a_second_day_is_added_takes_a_setup_and_goes_again() {
        dayOfThree(page);
        int setups = page.locator("a.slot-body").count();
        page.locator(".more-crews summary").click();
        page.locator(".more-crews [name=name]").fill("Day 2");
        page.locator(".more-crews [name=callTime]").fill("10:00");
        page.locator(".more-crews [name=wrapTime]").fill("12:00");
        page.locator(".more-crews button").click();
        assertThat(page.locator(".crew-name").last()).containsText("Day 2 the day after, 1 camera");
        setup(1).click();
        button("To Day 2").click();
        assertThat(page.locator("[data-crew='1'] a.slot-body")).hasCount(1);
        assertThat(page.locator("[data-crew='1'] .slot .clock").nth(1)).hasText("10:15");
        Accessible.check(page, "two days");
        button("Remove Day 2").click();
        assertThat(page.locator(".crew-name")).hasCount(0);
        assertThat(page.locator("a.slot-body")).hasCount(setups);
    }

    @Test
    void a_day_that_becomes_too_short_says_what_must_give_and_lets_it_go() {
        dayOfThree(page);
        int setups = page.locator("a.slot-body").count();
        button("What if…").click();
        Locator dialog = page.locator("#what-if");
        dialog.locator("[name=what]").selectOption("RAIN");
        dialog.locator("[name=time]").fill("10:00");
        button("Look").click();
        assertThat(dialog.locator("[data-problem]")).containsText("No spot lies under the sky");
        dialog.locator("[name=what]").selectOption("WRAP");
        dialog.locator("[name=time]").fill("09:45");
        button("Look").click();
        assertThat(dialog.locator(".compare")).containsText("worse");
        assertThat(dialog).containsText("No longer shot");
        Accessible.check(page, "what if");
        button("Keep it").click();
        assertThat(page.locator("#said")).containsText("keep “We have only until 09:45”");
        assertThat(page.locator("#must-give")).containsText("does not fit");
        assertThat(page.locator("#must-give")).containsText("Needs ");
        assertThat(gauge("day slack")).containsText("−");
        int left = page.locator("#must-give .dropped li").count();
        assertThat(page.locator("a.slot-body").count() + left).isEqualTo(setups);
        Accessible.check(page, "a day too short");

        page.locator("#must-give .dropped button").first().click();
        assertThat(page.locator("#must-give .gone")).containsText("Let go");
        // Without it something else may fit again.
        assertThat(page.locator("#must-give .dropped li").count()).isLessThan(left);
        page.locator("#must-give .gone button").first().click();
        assertThat(page.locator("#must-give .dropped li")).hasCount(left);
        assertThat(page.locator("#must-give .code").first()).hasText(SOME);
    }
}
