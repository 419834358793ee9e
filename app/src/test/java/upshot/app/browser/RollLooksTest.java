package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.roll.LogEntry;
import upshot.day.log.LogNumbers;
import upshot.day.log.LogTable;
import upshot.day.log.RandomLog;
import upshot.day.log.What;

/** What Roll looks like on a phone, what comes down for it, and that it calculates as the server does. */
class RollLooksTest extends OnPhone {

    private static final int SETUPS = 14;
    private static final double LEAST_PX = 56;
    private static final int FIRST_OPEN_BYTES = 250 * 1024;
    private static final int DAY_BYTES = 1_500_000;

    @Test
    void buttons_are_large_screens_accessible_in_both_themes_and_a_remote_works_them() {
        dayOf(2);
        set(plan -> Change.set(plan.actions().get(0), "cautions", Cautions.of(Caution.FIRE)));
        openOnPhone(page);
        press(page, "What is left", "left");
        page.locator(".row").first().click();
        assertThat(press(page, "primary")).hasText("I have read this");
        assertThat(press(page, "Something good")).isEnabled();

        for (String theme : List.of("dark", "bright")) {
            look(theme + " ready");
            press(page, "More", "more");
            look(theme + " more");
            press(page, "People", "people");
            look(theme + " people");
            press(page, "primary", "ready");
            press(page, "More", "more");
            page.getByLabel("Bright, for the sun").click();
            press(page, "primary", "ready");
        }
        press(page, "primary", "ready");
        assertThat(press(page, "primary")).hasText(Pattern.compile("Roll .*"));
        page.waitForTimeout(400);
        page.keyboard().press("Enter");
        assertThat(page.locator("body[data-screen=rolling]")).isVisible();
        look("rolling");
        page.keyboard().press("Space");
        assertThat(page.locator("body[data-screen=review]")).isVisible();
        look("review");
        press(page, "Still rolling", "rolling");
        press(page, "primary", "review");
        page.getByLabel("Clip").fill("A001C002");
        press(page, "primary", "ready");

        press(page, "Something good", "rolling");
        press(page, "primary", "review");
        page.getByLabel("Of which action")
                .selectOption(plan().actions().get(1).id().toString());
        page.getByText("detail", new Page.GetByTextOptions().setExact(true)).click();
        look("extra");
        press(page, "primary", "ready");
        kept(page);
        assertThat(page.locator("#outbox")).containsText("All sent");
        assertThat(logged()).extracting(LogEntry::what).contains(What.READ, What.TAKEN_BACK, What.CLIP, What.NAMED);
        assertThat(state().takes()).hasSize(2).allMatch(take -> take.kept() == 1);

        page.setViewportSize(844, 390);
        look("landscape");
        page.setViewportSize(390, 844);
        page.evaluate("() => (document.documentElement.style.fontSize = '200%')");
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
                .as("twice the text fits across")
                .isTrue();
        assertThat(press(page, "primary")).isInViewport();
    }

    private void look(String what) {
        page.waitForTimeout(400);
        Accessible.check(page, what);
        for (Locator button : page.locator("#presses button").all()) {
            BoundingBox box = button.boundingBox();
            assertThat(box.height).as("%s: %s", what, button.textContent()).isGreaterThanOrEqualTo(LEAST_PX);
        }
    }

    @Test
    void the_state_in_the_browser_is_the_server_s_to_the_last_number() {
        newJob("Numbers");
        List<LogTable.Shot> shots = IntStream.range(0, 12)
                .mapToObj(
                        i -> new LogTable.Shot(i / 2, 3, 3, i % 3, 8, i % 4 == 0 ? 1_760_000_900_000.0 : 0, i % 8 == 0))
                .toList();
        List<LogTable.Setup> setups = IntStream.range(0, 6)
                .mapToObj(i -> new LogTable.Setup(
                        1_760_000_000_000.0 + i * 600_000.0,
                        1_760_000_300_000.0 + i * 600_000.0,
                        1_760_000_600_000.0 + i * 600_000.0,
                        List.of(i % 3)))
                .toList();
        LogTable table = new LogTable(shots, setups, 3);
        List<double[]> logs = new ArrayList<>();
        for (int seed = 0; seed < 50; seed++) {
            logs.add(LogNumbers.write(
                    table,
                    RandomLog.of(new Random(seed), table, 40 * (1 + seed % 10)),
                    1_760_000_000_000.0 + seed * 40_000.0));
        }

        List<?> states = (List<?>) page.evaluate(
                """
                async (logs) => {
                  const build = document.querySelector('script[src*="/js/"]').src.split("/js/")[0];
                  const { state } = await import(`${build}/js/day-numbers/day.js`);
                  return logs.map((log) => Array.from(state(Float64Array.from(log))));
                }
                """,
                logs.stream().map(log -> Arrays.stream(log).boxed().toList()).toList());

        for (int seed = 0; seed < logs.size(); seed++) {
            double[] state = ((List<?>) states.get(seed))
                    .stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray();
            assertThat(state).as("log %d", seed).isEqualTo(LogNumbers.state(logs.get(seed)));
        }
    }

    @Test
    void what_comes_down_is_small() throws IOException {
        dayOf(SETUPS);
        String worker = fetched("/jobs/%s/roll/worker.js".formatted(jobId()));
        Matcher files = Pattern.compile("\"(/[^\"]+)\"")
                .matcher(worker.lines().skip(1).findFirst().orElseThrow());
        int bytes = 0;
        int count = 0;
        while (files.find()) {
            bytes += packed(fetched(files.group(1)));
            count++;
        }
        assertThat(count).isGreaterThan(15);
        assertThat(bytes).as("the first time").isLessThan(FIRST_OPEN_BYTES);
        assertThat(packed(fetched("/jobs/%s/roll/day.json".formatted(jobId())))).isLessThan(DAY_BYTES);
    }

    /** The body as text in which each character is a byte. */
    private String fetched(String path) {
        return (String) page.evaluate(
                "async (path) => { const answer = await fetch(path); if (!answer.ok) throw new Error(path);"
                        + " return Array.from(new Uint8Array(await answer.arrayBuffer()), (one) => String.fromCharCode(one)).join(''); }",
                path);
    }

    private static int packed(String body) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(body.getBytes(StandardCharsets.ISO_8859_1));
        }
        return packed.size();
    }
}
