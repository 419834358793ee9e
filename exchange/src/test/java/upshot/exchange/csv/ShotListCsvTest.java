package upshot.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalTime;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

class ShotListCsvTest {

    private final SamplePlan sample = new SamplePlan();

    private static List<CSVRecord> rows(String text) throws IOException {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
    }

    @Test
    void the_cut_list_has_a_row_a_use_with_the_numbers_to_shoot_with() throws IOException {
        Action action = sample.action(one -> one.with("name", "Ada, with \"care\", crosses"));
        Shot first = sample.shot(action, 60);
        Shot second = sample.shot(action, shot -> shot.with("bearingDeg", 300.0).with("note", "=HYPERLINK(\"x\")"));
        sample.use(second);
        sample.use(first);
        List<CSVRecord> rows = rows(ShotListCsv.inCutOrder(Verdict.of(sample.build())));

        assertThat(rows).extracting(row -> row.get("code")).containsExactly(second.code(), first.code());
        CSVRecord row = rows.get(0);
        assertThat(row.get("action")).isEqualTo("Ada, with \"care\", crosses");
        assertThat(List.of(row.get("size"), row.get("height"), row.get("side"), row.get("move")))
                .containsExactly("medium", "eye", "right to left", "still");
        assertThat(List.of(row.get("lens mm"), row.get("rate fps"), row.get("shutter"), row.get("hold s")))
                .containsExactly("50", "24", "1/50", "10");
        assertThat(List.of(row.get("takes"), row.get("screen s"), row.get("note")))
                .containsExactly("2", "1", "'=HYPERLINK(\"x\")");
        assertThat(rows.get(1).get("starts at frame")).isEqualTo("24");
    }

    @Test
    void the_day_list_follows_the_clock_and_names_what_does_not_fit() throws IOException {
        sample.brief("wrapTime", LocalTime.of(9, 19));
        Shot fits = sample.shot(sample.action(), 30);
        Shot left = sample.shot(sample.action(), 30);
        List<CSVRecord> rows = rows(ShotListCsv.inShootingOrder(Verdict.of(sample.build())));

        assertThat(rows).extracting(row -> row.get("code")).containsExactly(fits.code(), left.code());
        assertThat(rows).extracting(row -> row.get("starts")).containsExactly("09:15", "does not fit");
        assertThat(rows.get(0).get("spot")).isEqualTo("Hall");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1", "@x", " =1", "\t=1", "\r=1", "|x"})
    void cells_that_a_spreadsheet_would_run_are_made_text(String cell) {
        assertThat(CsvText.harmless(cell)).isEqualTo("'" + cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"plain", "a=b", "1/50", "", "Ünïcode"})
    void other_cells_stay_as_they_are(String cell) {
        assertThat(CsvText.harmless(cell)).isEqualTo(cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "＝1+1", "＋1", "－1", "＠SUM(A1)", "﹣1", "｜x", " \t=1", "\r=1", "-2", "@x", "|x"})
    void what_a_spreadsheet_would_run_is_text_in_every_width_of_its_sign(String cell) {
        assertThat(CsvText.harmless(cell)).isEqualTo("'" + cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "K1", "1/50", "a = b", "’tis", "wide – slow", "1−2"})
    void what_is_text_already_stays_as_it_is(String cell) {
        assertThat(CsvText.harmless(cell)).isEqualTo(cell);
    }
}
