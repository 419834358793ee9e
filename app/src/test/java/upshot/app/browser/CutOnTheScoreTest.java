package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;

/** Everything that can be done on the score: by keyboard, by pointer, and by finger. */
@AppTest
class CutOnTheScoreTest extends InBrowser {

    /** Two actions of three shots each, cut in story order into 30 s without music: half a second is a step. */
    private void cutOfSix() {
        newJob("Score");
        happens("Ferry crew casts off left to right", "Opening");
        happens("Mate coils the rope", "Middle");
        threeOfEach();
        made("story-cut", Map.of());
        stage(3);
        assertThat(page.locator(".joint")).hasCount(5);
    }

    private Locator tile(int place) {
        return page.locator(".tile[data-place='" + place + "']:not(.opens-left)");
    }

    private int frames(int place) {
        Locator tile = tile(place);
        return Integer.parseInt(tile.getAttribute("data-end")) - Integer.parseInt(tile.getAttribute("data-start"));
    }

    private String code(int place) {
        return tile(place).getAttribute("data-code");
    }

    private void pressed(String key, String done) {
        page.keyboard().press("Escape");
        page.keyboard().press(key);
        assertThat(page.locator("#said")).containsText(done);
        assertThat(page.locator("body")).hasAttribute("data-busy", "false");
    }

    @Test
    void a_use_is_edited_by_single_keys() {
        cutOfSix();
        tile(1).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        String second = code(1);
        String third = code(2);
        int long_ = frames(1);

        pressed("w", "lengthen " + second);
        assertThat(frames(1)).isGreaterThan(long_);
        pressed("q", "shorten " + second);
        int first = frames(0);
        pressed("z", "move joint 1");
        assertThat(frames(0)).isGreaterThan(first);
        pressed("a", "move joint 1");
        pressed("l", "move " + second);
        assertThat(code(1)).isEqualTo(third);
        pressed("e", "move " + second);
        assertThat(code(1)).isEqualTo(second);
        pressed("d", "duplicate " + second);
        assertThat(page.locator(".joint")).hasCount(6);
        pressed("x", "remove");
        assertThat(page.locator(".joint")).hasCount(5);
        tile(1).click();
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 2.");
        pressed("s", "split " + second);
        assertThat(page.locator("#panel .quiet").first()).containsText("Use 3.");
        assertThat(tile(1).getAttribute("data-code")).isEqualTo(second);
        assertThat(page.locator("#joint-2")).hasAttribute("data-status", "clear");
        Accessible.check(page, "a use of the cut");
    }

    @Test
    void ends_joints_and_uses_are_dragged_and_snap_to_the_grid() {
        cutOfSix();
        page.getByLabel("Edits snap to").selectOption("BEAT");
        assertThat(page.locator("#score")).hasAttribute("data-snap", "BEAT");
        tile(0).click();
        assertThat(page.locator(".edge")).isVisible();
        drag(page.locator(".edge"), 60, 0);
        assertThat(page.locator("#said")).containsText("lengthen " + code(0));
        assertThat(Integer.parseInt(tile(0).getAttribute("data-end")) % 24).isZero();

        int before = Integer.parseInt(tile(1).getAttribute("data-end"));
        drag(page.locator("#joint-2"), -70, 0);
        assertThat(page.locator("#said")).containsText("move joint 2");
        int moved = Integer.parseInt(tile(1).getAttribute("data-end"));
        assertThat(moved % 24).isZero();
        assertThat(moved).isLessThan(before);

        String third = code(2);
        String first = code(0);
        BoundingBox from = tile(2).boundingBox();
        BoundingBox to = tile(0).boundingBox();
        drag(tile(2), to.x + 4 - from.x - from.width / 2, to.y - from.y);
        assertThat(page.locator("#said")).containsText("move " + third);
        assertThat(tile(0)).hasAttribute("data-code", third);
        page.locator("[data-step=undo]").click();
        assertThat(tile(0)).hasAttribute("data-code", first);
    }

    @Test
    void a_drag_that_is_given_up_changes_nothing() {
        cutOfSix();
        tile(0).click();
        BoundingBox edge = page.locator(".edge").boundingBox();
        int long_ = frames(0);
        page.mouse().move(edge.x + 5, edge.y + 20);
        page.mouse().down();
        page.mouse().move(edge.x + 60, edge.y + 20);
        assertThat(page.locator(".drop-label")).containsText(code(0));
        page.keyboard().press("Escape");
        assertThat(page.locator(".drop")).hasCount(0);
        page.mouse().up();
        assertThat(frames(0)).isEqualTo(long_);
    }

    @Test
    void the_tray_offers_what_cuts_best_and_replaces_the_chosen_use() {
        cutOfSix();
        tile(2).click();
        assertThat(page.locator(".tray-title")).containsText("behind " + code(2));
        Locator offers = page.locator(".offer");
        assertThat(offers.first()).hasAttribute("data-status", "clear");
        String offered = offers.first().locator(".code").textContent();
        offers.first().locator(".offer-button").click();
        assertThat(page.locator("#said")).containsText("put " + offered);
        assertThat(page.locator(".joint")).hasCount(6);
        assertThat(code(3)).isEqualTo(offered);

        Locator other = page.locator(".offer").first();
        String instead = other.locator(".code").textContent();
        other.locator(".mend").click();
        assertThat(page.locator("#said")).containsText("show " + instead + " instead of " + offered);
        assertThat(page.locator(".joint")).hasCount(6);
    }

    @Test
    void retimed_reversed_a_still_and_where_it_begins() {
        cutOfSix();
        tile(3).click();
        set("Playback", "-1");
        assertThat(page.locator("#panel .quiet").first()).containsText("reversed");
        set("Playback", "0");
        assertThat(page.locator("#panel")).containsText("One picture of the");
        set("Playback", "1");
        set("Begins at", "2");
        assertThat(page.locator("#panel")).containsText("Shows seconds 2 to");
        set("Begins at", "3000");
        assertThat(page.locator("#panel")).containsText("past the end of the");
        set("Playback", "0.001");
        assertThat(page.locator("#panel .problem").first()).containsText("neither 0 for a still");
    }

    private void set(String label, String value) {
        Locator field = page.locator("#panel").getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
        field.fill(value);
        field.press("Tab");
        assertThat(page.locator("body")).hasAttribute("data-busy", "false");
    }

    @Test
    void lines_go_by_bars_or_seconds_and_stay_so() {
        cutOfSix();
        page.getByLabel("Lines by").selectOption("seconds");
        assertThat(page).hasURL(Pattern.compile("lines=seconds"));
        assertThat(page.locator(".tick-bar").first()).hasText("0 s");
        page.reload();
        assertThat(page.getByLabel("Lines by")).hasValue("seconds");
    }

    @Test
    void by_finger_a_use_is_chosen_edited_and_dragged() {
        cutOfSix();
        String address = page.url();
        Page touched = another(true);
        touched.context().addCookies(page.context().cookies());
        touched.navigate(address);
        assertThat(touched.locator("body[data-ready]")).isVisible();
        Locator first = touched.locator(".tile[data-place='0']").first();
        first.tap();
        assertThat(touched.locator("#panel .quiet").first()).containsText("Use 1.");
        int end = Integer.parseInt(first.getAttribute("data-end"));
        touched.locator("#panel button:has-text('Longer')").tap();
        assertThat(touched.locator("#said")).containsText("lengthen");
        assertThat(Integer.parseInt(first.getAttribute("data-end"))).isGreaterThan(end);

        BoundingBox edge = touched.locator(".edge").boundingBox();
        Finger.drag(touched, touched.locator(".edge"), edge.x - 90, edge.y + edge.height / 2);
        assertThat(touched.locator("#said")).containsText("shorten");
        touched.locator("#joint-1").tap();
        assertThat(touched.locator("#panel h2")).containsText("Joint 1");
        touched.locator("#over summary").tap();
        assertThat(touched.locator("#over svg.frame-over")).isVisible();
        Accessible.check(touched, "the cut on a tablet");

        touched.locator("[data-play]").tap();
        assertThat(touched.locator("#player [data-caption]")).containsText("of 6");
        touched.locator("#player [data-do=on]").tap();
        touched.locator("#player [data-play-close]").tap();
        touched.locator("[data-arrange]").tap();
        touched.locator("[data-arrange-take]").first().tap();
        assertThat(touched.locator("#said")).containsText("arrange the cut");
        touched.locator(".offer-button").first().tap();
        assertThat(touched.locator("#said")).containsText("put ");
        touched.locator("#chart-camera .part").first().tap();
        assertThat(touched.locator("#chart-camera .part").first()).hasAttribute("aria-pressed", "true");
    }

    @Test
    void with_no_use_there_is_a_way_to_begin() {
        newJob("Nothing yet");
        stage(3);
        assertThat(page.locator("#score")).containsText("No shots yet.");
        button("Arrange for me B").click();
        assertThat(page.locator("#arranging")).containsText("no shot is planned yet");
        assertThat(page.locator("[data-arrange-take]")).hasCount(0);
        button("Close").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
