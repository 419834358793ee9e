package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.order.Shoot;
import upshot.day.DayNumbers;

/**
 * Times Roll in Chromium, on the processors that the application runs on. Run by {@code ./upshot bench} alone: its name keeps
 * it out of the tests, and it asserts no time.
 */
class RollBenchmarks extends OnPhone {

    private static final int RUNS = 25;

    /** A log of 2,000 entries, takes one after the other, worked out as the page does it. */
    private static final String STATES = """
            async ([job, entries, runs]) => {
              const phone = document.querySelector("script[src*='/js/roll/phone']").src;
              const { DayState } = await import(phone.replace(/phone[^/]*\\.js$/, "state.js"));
              const day = await (await fetch(`/jobs/${job}/roll/day.json`)).json();
              const id = (n) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
              const log = Array.from({ length: entries }, (none, n) => {
                const what = ["ROLL", "STOP", "KEEP"][n % 3];
                const shot = day.shots[Math.floor(n / 3) % day.shots.length].id;
                return { id: id(n), phoneId: id(0), number: n, atMs: 1760000000000 + n * 9000, offsetMs: 0, what,
                  ...(what === "ROLL" ? { about: shot } : { of: id(n - (n % 3)) }) };
              });
              const states = new DayState(day);
              return Array.from({ length: runs }, () => {
                const from = performance.now();
                states.of(log, 1760000000000);
                return performance.now() - from;
              });
            }
            """;

    /** From the press to the screen that says that it rolls. */
    private static final String ROLLING = """
            async (runs) => {
              const screen = (name) => new Promise((done) => {
                const look = () => document.body.dataset.screen === name && (observer.disconnect(), done(performance.now()));
                const observer = new MutationObserver(look);
                observer.observe(document.body, { attributes: true });
                look();
              });
              const rest = () => new Promise((done) => setTimeout(done, 500));
              const press = () => document.querySelector("[data-press=primary]").click();
              const took = [];
              for (let run = 0; run < runs; run++) {
                await rest();
                const from = performance.now();
                press();
                took.push((await screen("rolling")) - from);
                await rest();
                press();
                await screen("review");
                await rest();
                press();
                await screen("ready");
              }
              return took;
            }
            """;

    private static final String ORDERS = """
            ([form, problem, runs]) => new Promise((done, failed) => {
              const worker = new Worker("/js/day/numbers.js", { type: "module" });
              const took = [];
              let from = performance.now();
              worker.onmessage = ({ data }) => {
                if (data.failed || data.form !== form) {
                  failed(new Error(data.failed ?? data.form));
                }
                took.push(performance.now() - from);
                if (took.length === runs) {
                  worker.terminate();
                  done(took);
                } else {
                  next();
                }
              };
              const next = () => {
                from = performance.now();
                worker.postMessage({ id: took.length, form, call: "search", problem, seed: took.length, changes: 20000 });
              };
              next();
            })
            """;

    @Test
    void roll_on_a_phone() throws IOException {
        dayOf(RUNS + 2);
        openOnPhone(page);
        append("State of 2,000 entries on the phone", "20 ms", times(STATES, List.of(jobId().toString(), 2000, RUNS)));
        append("From the press to rolling", "50 ms", times(ROLLING, RUNS));
        double[] problem =
                DayNumbers.write(Shoot.of(new RandomDays(1).plan(14, 4)).problem());
        for (String form : List.of("wasm", "js")) {
            append(
                    "20,000 changes of a day of 14 setups, as " + form,
                    form.equals("wasm") ? "250 ms" : "",
                    times(ORDERS, List.of(form, Arrays.stream(problem).boxed().toList(), RUNS)));
        }
        assertThat(page.locator("#outbox")).containsText("All sent");
    }

    private double[] times(String script, Object argument) {
        return ((List<?>) page.evaluate(script, argument))
                .stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray();
    }

    private static void append(String what, String aim, double[] tookMs) throws IOException {
        double first = tookMs[0];
        double[] sorted = Arrays.stream(tookMs).sorted().toArray();
        List<String> rows = new ArrayList<>(List.of("| %s | %s | %s | %s |"
                .formatted(what, ms(sorted[sorted.length / 2]), ms(sorted[sorted.length - 1]), aim)));
        rows.add("| The same, the first time | %s | %s |  |".formatted(ms(first), ms(first)));
        Files.write(
                Path.of(System.getProperty("upshot.benchmarks")),
                rows,
                StandardOpenOption.APPEND,
                StandardOpenOption.CREATE);
    }

    private static String ms(double took) {
        return String.format(Locale.ROOT, "%.1f", took);
    }
}
