package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.store.LogEntries;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogState;

/** Roll in a window as large as a phone, and what it logged. */
abstract class OnPhone extends InBrowser {

    @Autowired
    private LogEntries log;

    /** A job of so many setups, each of one shot, with fire in the third. */
    final void dayOf(int setups) {
        newJob("Roll");
        for (int i = 0; i < setups; i++) {
            happens("Ada folds sheet %d".formatted(i + 1), i < setups / 2 ? "Opening" : "Ending");
        }
        set(plan -> Change.batch(IntStream.range(0, setups)
                .mapToObj(i -> (Change) new Change.Add(Shot.draft(
                                UUID.randomUUID(),
                                plan.actions().get(i).id(),
                                plan.actions().get(i).codePrefix() + "1",
                                plan.brief().rate())
                        .withBearingDeg(20 + 3 * i)))
                .toList()));
    }

    final String roll() {
        return "/jobs/%s/roll/phone".formatted(jobId());
    }

    final void openOnPhone(Page phone) {
        phone.setViewportSize(390, 844);
        phone.navigate(roll());
        assertThat(phone.locator("body[data-ready=true]")).isVisible();
        phone.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
    }

    static Locator press(Page phone, String name) {
        return phone.locator("[data-press=\"%s\"]".formatted(name));
    }

    /** Presses when the screen has come to rest, and waits for the one that follows. */
    static void press(Page phone, String name, String then) {
        phone.waitForTimeout(400);
        press(phone, name).click();
        assertThat(phone.locator("body[data-screen=%s]".formatted(then))).isVisible();
    }

    static void kept(Page phone) {
        assertThat(phone.locator("#outbox")).containsText("Kept on this phone");
    }

    final List<LogEntry> logged() {
        return log.since(jobId(), 0, 100_000).stream()
                .map(LogEntries.Kept::entry)
                .toList();
    }

    final LogState state() {
        Plan plan = plan();
        return new DayLog(LoggedDay.of(plan, ShootingOrder.of(plan)), logged()).state(0);
    }
}
