package upshot.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.RandomDays;
import upshot.core.order.Shoot;
import upshot.day.DayNumbers;
import upshot.day.DayOrder;
import upshot.day.DayProblem;
import upshot.day.DayState;
import upshot.day.LocalSearch;

/** The day's rules in Chromium, under the headers that ship, against the same rules on the server. */
class DayInBrowserTest extends InBrowser {

    private static final int DAYS = Integer.getInteger("upshot.days", 12);
    private static final int CHANGES = 20_000;

    /** Of so many the whole day is searched too. */
    private static final int WHOLE = 5;

    private static final String ASK = """
            ([form, asked]) => new Promise((done, failed) => {
              const build = document.querySelector('script[src*="/js/"]').src.split("/js/")[0];
              const worker = new Worker(`${build}/js/day/numbers.js`, { type: "module" });
              const answers = [];
              let open = asked.length;
              worker.onerror = (error) => failed(new Error(error.message));
              worker.onmessage = ({ data }) => {
                if (data.failed || data.form !== form) {
                  failed(new Error(data.failed ?? data.form));
                }
                answers[data.id] = Array.from(data.order);
                if (--open === 0) {
                  worker.terminate();
                  done(answers);
                }
              };
              asked.forEach((one, id) => worker.postMessage({ id, form, ...one }));
            })
            """;

    @ParameterizedTest
    @ValueSource(strings = {"wasm", "js"})
    void days_come_out_the_same_to_the_last_number(String form) {
        newJob("Numbers");
        List<DayProblem> days = IntStream.range(0, DAYS)
                .mapToObj(seed ->
                        Shoot.of(new RandomDays(seed).plan(6 + seed % 12, 4)).problem())
                .toList();
        List<?> constructed = ask(
                form,
                days.stream()
                        .map(day -> Map.of("call", "construct", "problem", boxed(DayNumbers.write(day))))
                        .toList());
        List<double[]> halves = days.stream().map(DayInBrowserTest::halfDone).toList();
        List<?> rests = ask(form, searches("rest", halves));
        List<?> searched = ask(
                form,
                searches(
                        "search",
                        days.stream().limit(WHOLE).map(DayNumbers::write).toList()));
        for (int seed = 0; seed < DAYS; seed++) {
            DayOrder begin = DayOrder.constructed(days.get(seed));
            assertThat(numbers(constructed.get(seed))).as("day %d", seed).isEqualTo(DayNumbers.write(begin));
            DayOrder left = DayOrder.constructed(DayNumbers.readRest(halves.get(seed)));
            assertThat(numbers(rests.get(seed))).as("the rest of day %d", seed).isEqualTo(found(left, seed));
            if (seed < WHOLE) {
                assertThat(numbers(searched.get(seed))).as("day %d", seed).isEqualTo(found(begin, seed));
            }
        }
    }

    private static double[] found(DayOrder begin, int seed) {
        return DayNumbers.write(LocalSearch.run(begin, 0, seed, LocalSearch.Spent.of(CHANGES), better -> {}));
    }

    private static List<Map<String, Object>> searches(String call, List<double[]> numbers) {
        return IntStream.range(0, numbers.size())
                .mapToObj(seed -> Map.<String, Object>of(
                        "call", call, "problem", boxed(numbers.get(seed)), "seed", seed, "changes", CHANGES))
                .toList();
    }

    /** A day of which the first half is shot, twelve minutes later than it should be. */
    private static double[] halfDone(DayProblem day) {
        List<DayState> states = DayOrder.constructed(day).states().get(0);
        List<DayState> shot = states.subList(0, states.size() / 2);
        int last = shot.isEmpty() ? -1 : shot.get(shot.size() - 1).setup();
        int now = shot.isEmpty() ? 30 : shot.get(shot.size() - 1).times().end().afterCall() + 12;
        double[] problem = DayNumbers.write(day);
        double[] rest = Arrays.copyOf(problem, problem.length + 5 + shot.size());
        int at = problem.length;
        rest[at++] = now;
        rest[at++] = last;
        rest[at++] = shot.size();
        for (DayState state : shot) {
            rest[at++] = state.setup();
        }
        return rest;
    }

    private List<?> ask(String form, List<?> asked) {
        return (List<?>) page.evaluate(ASK, List.of(form, asked));
    }

    private static List<Double> boxed(double[] numbers) {
        return Arrays.stream(numbers).boxed().toList();
    }

    private static double[] numbers(Object answer) {
        return ((List<?>) answer)
                .stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray();
    }

    @ParameterizedTest
    @CsvSource({"day.wasm, 120000", "day.js, 70000"})
    void both_forms_are_small_on_their_way(String file, int most) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (InputStream in = getClass().getResourceAsStream("/META-INF/resources/js/day-numbers/" + file);
                GZIPOutputStream out = new GZIPOutputStream(packed)) {
            in.transferTo(out);
        }
        assertThat(packed.size()).isBetween(10_000, most);
    }

    @Test
    void no_page_may_compile_web_assembly_itself() {
        newJob("Numbers");
        Object refused = page.evaluate(
                "() => WebAssembly.compile(Uint8Array.of(0, 97, 115, 109, 1, 0, 0, 0)).then(() => 'compiled', (no) => no.name)");
        assertThat(refused).isEqualTo("CompileError");
    }
}
