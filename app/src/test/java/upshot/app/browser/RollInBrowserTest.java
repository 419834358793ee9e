package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Turn;
import upshot.core.roll.LogEntry;
import upshot.day.log.LogState;
import upshot.day.log.What;

/** Roll as it is used on the day: on a phone, without a network, by thumb and by a small remote. */
class RollInBrowserTest extends OnPhone {

    private static final int SETUPS = 14;

    @Test
    void a_whole_day_is_rolled_without_a_network_reopened_in_between_and_sent_once() {
        dayOf(SETUPS);
        openOnPhone(page);
        BrowserContext context = page.context();
        context.setOffline(true);
        page.reload();
        assertThat(page.locator("#outbox")).containsText("No network");

        Page phone = page;
        for (int setup = 0; setup < SETUPS; setup++) {
            assertThat(phone.locator("#where")).containsText("Setup");
            press(phone, "primary", "rolling");
            if (setup == 4) {
                phone.reload();
                assertThat(phone.locator("body[data-screen=rolling]")).isVisible();
            }
            if (setup == 5) {
                press(phone, "Not clean", "rolling");
            }
            press(phone, "primary", "review");
            if (setup == 7) {
                phone.close();
                phone = context.newPage();
                phone.setViewportSize(390, 844);
                phone.navigate(roll());
                assertThat(phone.locator("body[data-screen=review]")).isVisible();
            }
            if (setup == 9) {
                press(phone, "Again", "review");
                press(phone, "FOCUS", "ready");
                press(phone, "primary", "rolling");
                press(phone, "primary", "review");
                assertThat(phone.locator("#screen")).containsText("Before, it was focus");
            }
            press(phone, "primary", setup == SETUPS - 1 ? "left" : "ready");
        }
        assertThat(phone.locator("#screen")).containsText("Nothing is left");
        kept(phone);
        assertThat(phone.locator("#outbox")).containsText("wait for a network");
        assertThat(logged()).isEmpty();

        context.setOffline(false);
        assertThat(phone.locator("#outbox")).containsText("All sent");
        // 14 takes of three entries each, one more take, its reason instead of a keep, and one bump.
        assertThat(logged()).hasSize(14 * 3 + 3 + 1).doesNotHaveDuplicates();
        assertThat(logged()).extracting(LogEntry::number).doesNotHaveDuplicates();
        LogState state = state();
        assertThat(state.next()).isEqualTo(-1);
        assertThat(state.takes()).hasSize(SETUPS + 1).allMatch(take -> !take.rolling());
        expectComplaints("ERR_INTERNET_DISCONNECTED");
    }

    /**
     * Killed offline, while an entry is on its way, and after it arrived but before the answer: each entry is there once.
     */
    @Test
    void what_was_kept_outlives_the_browser_that_is_killed(@TempDir Path folder) {
        dayOf(2);
        List<String> screens = List.of("rolling", "review", "ready");
        for (int killed = 0; killed < screens.size(); killed++) {
            BrowserContext context = profile(folder);
            signedIn(context.pages().get(0), planner().getUsername());
            Page phone = context.pages().get(0);
            openOnPhone(phone);
            assertThat(phone.locator("body[data-screen=%s]".formatted(killed == 0 ? "ready" : screens.get(killed - 1))))
                    .isVisible();
            assertThat(phone.locator("#outbox")).containsText("All sent");
            int how = killed;
            if (how == 0) {
                context.setOffline(true);
            } else {
                context.route("**/roll/log", route -> {
                    if (how == 2) {
                        route.fetch();
                    }
                });
            }
            press(phone, "primary", screens.get(killed));
            kept(phone);
            phone.waitForTimeout(300);
            Browser.kill(folder);
        }
        BrowserContext again = profile(folder);
        signedIn(again.pages().get(0), planner().getUsername());
        openOnPhone(again.pages().get(0));
        assertThat(again.pages().get(0).locator("#outbox")).containsText("All sent");
        assertThat(logged()).extracting(LogEntry::what).containsExactlyInAnyOrder(What.ROLL, What.STOP, What.KEEP);
        again.close();
    }

    @Test
    void a_browser_that_keeps_nothing_says_so_and_sends_what_it_has() {
        dayOf(2);
        page.addInitScript("indexedDB.open = () => { throw new DOMException('refused', 'SecurityError'); };");
        openOnPhone(page);
        assertThat(page.locator("#warning")).containsText("keeps nothing");
        press(page, "primary", "rolling");
        press(page, "primary", "review");
        assertThat(page.locator("#outbox")).containsText("Not kept on this phone · All sent");
        assertThat(logged()).extracting(LogEntry::what).containsExactly(What.ROLL, What.STOP);
    }

    @Test
    void a_full_disk_is_said_and_what_was_said_goes_there_when_it_has_room_again() {
        dayOf(2);
        openOnPhone(page);
        page.context().setOffline(true);
        page.evaluate("() => { window.put = IDBObjectStore.prototype.put; IDBObjectStore.prototype.put = function () {"
                + " throw new DOMException('full', 'QuotaExceededError'); }; }");
        press(page, "primary", "rolling");
        assertThat(page.locator("#warning")).containsText("full");
        page.evaluate("() => { IDBObjectStore.prototype.put = window.put; }");
        press(page, "primary", "review");
        assertThat(page.locator("#warning")).isHidden();
        kept(page);
        page.reload();
        assertThat(page.locator("body[data-screen=review]")).isVisible();
        expectComplaints("ERR_INTERNET_DISCONNECTED");
    }

    @Test
    void the_desk_takes_in_the_log_that_a_phone_saved_and_twice_is_harmless() throws IOException {
        dayOf(2);
        openOnPhone(page);
        page.context().setOffline(true);
        press(page, "primary", "rolling");
        press(page, "primary", "review");
        press(page, "primary", "ready");
        kept(page);
        press(page, "More", "more");
        var saved =
                page.waitForDownload(() -> press(page, "Save the log").click()).path();
        assertThat(logged()).isEmpty();

        Page desk = another(false);
        signedIn(desk, planner().getUsername());
        desk.navigate("/jobs/%s/roll".formatted(jobId()));
        assertThat(desk.locator("body[data-ready]")).isVisible();
        for (int time = 0; time < 2; time++) {
            desk.locator("[data-log-file]").setInputFiles(saved);
            assertThat(desk.locator("#said")).containsText("3 entries are in the log");
        }
        assertThat(logged()).hasSize(3);
        assertThat(desk.locator("#rolled")).containsText("take 1");
        Accessible.check(desk, "the desk");
        desk.locator("[data-log-file]")
                .setInputFiles(new FilePayload("notes.txt", "text/plain", "no log".getBytes(StandardCharsets.UTF_8)));
        assertThat(desk.locator("[data-log-problem]")).containsText("notes.txt is no log");

        page.context().setOffline(false);
        assertThat(page.locator("#outbox")).containsText("All sent");
        assertThat(logged()).hasSize(3);
        expectComplaints("ERR_INTERNET_DISCONNECTED");
    }

    @Test
    void what_is_left_is_ordered_anew_without_a_network_and_becomes_the_plan_s_order_at_the_desk() {
        dayOf(5);
        ZonedDateTime now = ZonedDateTime.now(ZoneOffset.UTC);
        // A day that began before midnight is yesterday's.
        ZonedDateTime call = now.minusMinutes(90).truncatedTo(ChronoUnit.MINUTES);
        set(plan -> Change.batch(List.of(
                Change.set(plan.brief(), "shootDate", Optional.of(call.toLocalDate())),
                Change.set(plan.brief(), "callTime", call.toLocalTime()),
                Change.set(
                        plan.brief(),
                        "wrapTime",
                        now.toLocalTime().plusMinutes(40).truncatedTo(ChronoUnit.MINUTES)))));
        openOnPhone(page);
        page.context().setOffline(true);
        page.reload();
        assertThat(page.locator("#behind")).containsText("min behind");
        press(page, "primary", "rolling");
        press(page, "primary", "review");
        press(page, "primary", "ready");
        press(page, "What is left", "left");
        press(page, "Order it anew", "anew");
        assertThat(page.locator("#screen .row")).not().hasCount(0);
        Accessible.check(page, "the order anew");
        int rows = page.locator("#screen .row").count();
        page.waitForTimeout(400);
        press(page, "Another").click();
        press(page, "primary", "ready");
        assertThat(page.locator("#behind")).containsText("on time");
        kept(page);
        assertThat(logged()).isEmpty();

        page.context().setOffline(false);
        assertThat(page.locator("#outbox")).containsText("All sent");
        LogState state = state();
        assertThat(state.orders()).hasSize(1);
        page.setViewportSize(1280, 800);
        page.navigate("/jobs/%s/roll".formatted(jobId()));
        button("Make it the plan’s order").click();
        assertThat(page.locator("#said")).containsText("take the order of a phone");
        assertThat(plan().<Turn>list(RecordKind.TURN)).hasSize(rows + 1);
        expectComplaints("ERR_INTERNET_DISCONNECTED");
    }

    @Test
    void two_phones_and_the_desk_show_the_same_and_the_desk_speaks_to_both() {
        dayOf(3);
        openOnPhone(page);
        Page other = another(true);
        signedIn(other, planner().getUsername());
        openOnPhone(other);
        Page desk = another(false);
        signedIn(desk, planner().getUsername());
        desk.navigate("/jobs/%s/roll".formatted(jobId()));
        assertThat(desk.locator("body[data-ready]")).isVisible();

        press(page, "primary", "rolling");
        press(page, "primary", "review");
        press(page, "primary", "ready");
        assertThat(page.locator("#where")).containsText("Setup 2");
        assertThat(other.locator("#where")).containsText("Setup 2");
        assertThat(desk.locator(".roll-takes tbody tr")).hasCount(1);

        desk.getByLabel("Say to the phones").fill("Guests are early");
        desk.getByLabel("Say to the phones").press("Enter");
        for (Page phone : List.of(page, other)) {
            assertThat(phone.locator("#foot")).containsText("Guests are early");
        }
        assertThat(desk.getByLabel("Say to the phones")).hasValue("");
    }

    /** Whatever zone a phone is set to, it shows the clock of the place, and its entries are of the same moment. */
    @Test
    void a_phone_in_another_zone_shows_the_clock_of_the_place() {
        dayOf(2);
        set(plan -> Change.set(plan.brief(), "zone", "Pacific/Auckland"));
        openOnPhone(page);
        Page abroad = elsewhere("America/New_York");
        signedIn(abroad, planner().getUsername());
        openOnPhone(abroad);

        String place = DateTimeFormatter.ofPattern("HH:mm").format(ZonedDateTime.now(ZoneId.of("Pacific/Auckland")));
        assertThat(List.of(
                        page.locator("#clock").innerText(),
                        abroad.locator("#clock").innerText()))
                .allSatisfy(shown -> assertThat(Math.abs(minutes(shown) - minutes(place)) % (24 * 60 - 1))
                        .isLessThanOrEqualTo(1));
        press(abroad, "primary", "rolling");
        assertThat(abroad.locator("#outbox")).containsText("All sent");
        assertThat(Math.abs(logged().get(0).serverMs() - System.currentTimeMillis()))
                .isLessThan(60_000);
    }

    private static int minutes(String clock) {
        return Integer.parseInt(clock.substring(0, 2)) * 60 + Integer.parseInt(clock.substring(3, 5));
    }
}
