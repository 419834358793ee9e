package upshot.core.roll;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.plan.InvalidField;
import upshot.day.log.What;

/** What an entry of the log can say. */
class LogEntryTest {

    private static final UUID ID = UUID.fromString("00000000-0000-4000-8000-000000000001");
    private static final long AT_MS = 1_760_000_000_000L;

    private static LogEntry entry(What what, long atMs, long offsetMs, double amount, String words) {
        return new LogEntry(
                ID,
                ID,
                0,
                atMs,
                offsetMs,
                what,
                Optional.of(ID),
                Optional.of(ID),
                Optional.empty(),
                "",
                amount,
                words,
                List.of());
    }

    @Test
    void the_offset_leads_to_the_server_s_clock() {
        assertThat(entry(What.STOP, AT_MS, -3_600_000, 0, "").serverMs()).isEqualTo(AT_MS - 3_600_000);
    }

    @ParameterizedTest
    @CsvSource({
        "946684800000,0,0,0",
        "4102444800000,0,0,0",
        "1760000000000,86400000,0,0",
        "1760000000000,-86400000,86400,200"
    })
    void on_its_bounds_it_is_kept(long atMs, long offsetMs, double amount, int long_) {
        assertThat(entry(What.STOP, atMs, offsetMs, amount, "x".repeat(long_)).atMs())
                .isEqualTo(atMs);
    }

    @ParameterizedTest
    @CsvSource({
        "946684799999,0,0,0,atMs",
        "4102444800001,0,0,0,atMs",
        "1760000000000,86400001,0,0,offsetMs",
        "1760000000000,0,-0.1,0,amount",
        "1760000000000,0,86400.1,0,amount",
        "1760000000000,0,NaN,0,amount",
        "1760000000000,0,0,201,words"
    })
    void beyond_them_it_is_refused(long atMs, long offsetMs, double amount, int length, String field) {
        assertThatThrownBy(() -> entry(What.STOP, atMs, offsetMs, amount, "x".repeat(length)))
                .isInstanceOfSatisfying(
                        InvalidField.class, wrong -> assertThat(wrong.field()).isEqualTo(field));
    }

    @ParameterizedTest
    @EnumSource(What.class)
    void what_speaks_of_a_take_or_a_shot_has_to_name_it(What what) {
        if (what.ofAnother()) {
            assertThatThrownBy(() -> bare(what, Optional.empty(), Optional.of(ID)))
                    .hasMessageContaining("which take");
        }
        if (what.aboutSomething()) {
            assertThatThrownBy(() -> bare(what, Optional.of(ID), Optional.empty()))
                    .hasMessageContaining("about");
        }
        assertThat(bare(what, Optional.of(ID), Optional.of(ID)).what()).isEqualTo(what);
    }

    private static LogEntry bare(What what, Optional<UUID> of, Optional<UUID> about) {
        return new LogEntry(
                ID,
                ID,
                3,
                AT_MS,
                0,
                what,
                of,
                about,
                Optional.empty(),
                null,
                0,
                " kept ",
                List.of(new LogEntry.Turn(ID, AT_MS, AT_MS)));
    }

    @Test
    void identifiers_that_the_database_would_refuse_are_refused_here() {
        assertThatThrownBy(() -> new LogEntry(
                        new UUID(0, 0),
                        ID,
                        0,
                        AT_MS,
                        0,
                        What.EXTRA,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        0,
                        "",
                        List.of()))
                .isInstanceOf(InvalidField.class);
    }

    @Test
    void a_line_to_everybody_says_something() {
        assertThatThrownBy(() -> entry(What.LINE, AT_MS, 0, 0, " ")).hasMessageContaining("what is to be said");
        assertThat(entry(What.LINE, AT_MS, 0, 0, "Wrap at nine").words()).isEqualTo("Wrap at nine");
    }

    @Test
    void an_order_names_setups_with_times() {
        LogEntry.Turn turn = new LogEntry.Turn(ID, AT_MS, AT_MS);
        assertThatThrownBy(() -> order(List.of())).hasMessageContaining("1 to 500");
        assertThatThrownBy(() -> order(Collections.nCopies(501, turn))).hasMessageContaining("1 to 500");
        assertThat(order(Collections.nCopies(500, turn)).turns()).hasSize(500);
        assertThatThrownBy(() -> new LogEntry.Turn(ID, AT_MS, AT_MS - 1)).isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> new LogEntry.Turn(ID, 0, AT_MS)).isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> new LogEntry.Turn(null, AT_MS, AT_MS)).isInstanceOf(InvalidField.class);
    }

    private static LogEntry order(List<LogEntry.Turn> turns) {
        return new LogEntry(
                ID,
                ID,
                0,
                AT_MS,
                0,
                What.ORDER,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                turns);
    }
}
