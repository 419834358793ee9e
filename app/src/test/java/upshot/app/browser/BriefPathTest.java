package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.NewJobs;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;

/** A brief as it is gathered: by keyboard alone, by touch alone, and by two people at once. */
@AppTest
class BriefPathTest extends InBrowser {

    private static final int MOST_TABS = 250;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private JobMembers members;

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
        press("Enter");
        // Reading the map of time zones takes seconds on a busy machine.
        assertThat(label("Time zone"))
                .hasValue("Europe/London", new LocatorAssertions.HasValueOptions().setTimeout(30_000));
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
        openBlock("kit");
        tabTo(page.locator("#block-kit button:text-is('Phone')"));
        press("Enter");
        assertThat(page.locator("#block-kit")).containsText("Hand grip");
    }

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
        dragByFinger(
                touched,
                touched.locator("[data-grip]").nth(2),
                touched.locator("[data-action]").first());
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

    /** Playwright taps but does not drag with a finger; the browser's own protocol does. */
    private static void dragByFinger(Page page, Locator from, Locator onto) {
        BoundingBox start = from.boundingBox();
        BoundingBox end = onto.boundingBox();
        CDPSession session = page.context().newCDPSession(page);
        double x = start.x + start.width / 2;
        double y = start.y + start.height / 2;
        double goal = end.y + 4;
        touch(session, "touchStart", x, y);
        for (int step = 1; step <= 8; step++) {
            touch(session, "touchMove", x, y + (goal - y) * step / 8);
        }
        touch(session, "touchEnd", x, -1);
        // A tap right after a drag belongs to it, as the browser sees it, and is no click.
        page.waitForTimeout(1000);
    }

    private static void touch(CDPSession session, String type, double x, double y) {
        JsonArray points = new JsonArray();
        if (!type.equals("touchEnd")) {
            JsonObject point = new JsonObject();
            point.addProperty("x", x);
            point.addProperty("y", y);
            points.add(point);
        }
        JsonObject arguments = new JsonObject();
        arguments.addProperty("type", type);
        arguments.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", arguments);
    }

    @Test
    void two_people_see_each_other_s_edits_and_settle_a_conflict() {
        Account ada = people.account();
        Account ben = people.account();
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        var jobId = newJobs.create(new SignedIn(ada), sample.build());
        members.save(new JobMember(jobId, ben.id(), java.time.Instant.now()));
        Page other = another(false);
        signIn(ada.email(), People.PASSWORD);
        signIn(other, ben.email(), People.PASSWORD);
        String address = "/jobs/%s/brief?action=%s&open=delivery".formatted(jobId, action.id());
        page.navigate(address);
        other.navigate(address);
        assertThat(other.locator("body[data-ready]")).isVisible();

        label("Promo").fill("21");
        press("Tab");
        assertThat(other.locator("#job-line")).containsText("21 s promo");
        assertThat(other.locator("#said")).containsText("Test Person: Sample: length 21");

        // Ben is typing while Ada changes the same field: he is told, and decides.
        Locator his = other.getByLabel("What happens");
        his.fill("Ada crosses the yard slowly");
        page.getByLabel("What happens").fill("Ada crosses the hall");
        press("Tab");
        assertThat(other.locator(".action-name")).hasText("Ada crosses the hall");
        assertThat(his).hasValue("Ada crosses the yard slowly");
        his.press("Tab");
        assertThat(other.locator(".action-fields .problem").first())
                .containsText(
                        "Test Person made it “Ada crosses the hall” meanwhile; you wrote “Ada crosses the yard slowly”.");
        other.locator("button:text-is('Use mine')").click();
        assertThat(other.locator(".action-name")).hasText("Ada crosses the yard slowly");
        assertThat(page.locator(".action-name")).hasText("Ada crosses the yard slowly");
    }

    @Test
    void a_file_that_cannot_be_read_says_where_and_changes_nothing() {
        newJob("Files");
        block("agenda");
        Locator file = page.locator("#agenda-file");
        file.setInputFiles(new FilePayload(
                "agenda.csv", "text/csv", "time,what\n18:30,Doors\nlater,Kiln\n".getBytes(StandardCharsets.UTF_8)));
        page.locator(".take-in:has(#agenda-file) button[type=submit]").click();
        assertThat(page.locator(".take-in:has(#agenda-file) .problem")).containsText("Line 3: “later” is no time");
        assertThat(page.locator("#block-agenda .record")).hasCount(0);

        file.setInputFiles(new FilePayload(
                "agenda.csv", "text/csv", "time,what\n18:30,Doors\n19:00,Kiln\n".getBytes(StandardCharsets.UTF_8)));
        page.locator(".take-in:has(#agenda-file) button[type=submit]").click();
        assertThat(page.locator(".taken li")).hasText(new String[] {"18:30 Doors, 10 min", "19:00 Kiln, 10 min"});
        page.locator(".take-in:has(#agenda-file) [data-preview] button").click();
        assertThat(page.locator("#block-agenda .record")).hasCount(2);
        assertThat(page.locator(".take-in:has(#agenda-file) .problem")).isHidden();
    }

    @Test
    void a_job_is_thrown_away_and_brought_back() {
        newJob("Short life");
        page.navigate("/jobs");
        page.locator(".job-care > summary").first().click();
        page.locator(".job-care .job-care > summary").click();
        button("Throw it away").click();
        assertThat(page.locator("h2 a", new Page.LocatorOptions().setHasText("Short life")))
                .hasCount(0);
        button("Bring it back").click();
        assertThat(page.locator("h2 a", new Page.LocatorOptions().setHasText("Short life")))
                .isVisible();
    }
}
