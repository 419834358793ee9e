package upshot.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.app.Web;
import upshot.core.roll.LogEntry;

/** A phone whose way in has ended: it sees nothing more, and what it still brings waits. */
@AppTest
class CrewGoesTest extends WithCrew {

    @Test
    void taken_back_it_sees_nothing_from_its_next_contact_on_and_what_it_brings_waits() throws Exception {
        Web phone = joined("camera B");
        LogEntry before = roll(0);
        LogEntry since = roll(1);
        send(phone, before);

        atDesk("crew/take-back", "{\"phone\":\"%s\"}".formatted(phoneId()));

        for (String path : List.of("day.json", "log", "worker.js", "roll.webmanifest")) {
            assertThat(ask(phone, path).statusCode()).as(path).isEqualTo(410);
        }
        assertThat(ask(phone, "phone").headers().firstValue("Location"))
                .hasValueSatisfying(to -> assertThat(to).endsWith("/crew?ended"));
        assertThat(send(phone, before, since).body()).contains("\"refused\":[]");
        assertThat(send(phone, since).body()).as("sent again").contains("\"refused\":[]");
        assertThat(logged()).containsExactly(before.id().toString());
        assertThat(desk.get("/jobs/%s/roll".formatted(job))).contains("1 entry came since and is not in the log");

        atDesk("crew/apart", "{\"phone\":\"%s\",\"take\":true}".formatted(phoneId()));
        assertThat(logged())
                .containsExactlyInAnyOrder(before.id().toString(), since.id().toString());
        assertThat(send(phone, since).body()).contains("\"refused\":[]");
        assertThat(desk.get("/jobs/%s/roll".formatted(job))).doesNotContain("came since");
    }

    @Test
    void what_waits_can_be_thrown_away() throws Exception {
        Web phone = joined("camera B");
        atDesk("crew/take-back", "{\"phone\":\"%s\"}".formatted(phoneId()));
        send(phone, roll(0));

        atDesk("crew/apart", "{\"phone\":\"%s\",\"take\":false}".formatted(phoneId()));

        assertThat(logged()).isEmpty();
        assertThat(desk.get("/jobs/%s/roll".formatted(job))).doesNotContain("came since");
    }

    @Test
    void a_day_that_is_over_lets_nobody_in_and_takes_entries_for_thirty_days() throws Exception {
        Web phone = joined("camera B");
        String code = code();

        dated(Optional.of(LocalDate.now().minusDays(3)));
        assertThat(ask(phone, "day.json").statusCode()).isEqualTo(410);
        assertThat(send(phone, roll(0)).statusCode()).isEqualTo(200);
        assertThat(join(new Web(port), code, "late").body()).contains("its day is over");
        assertThat(atDesk("crew/code", "{}").body()).contains("ended more than 12 hours ago");

        dated(Optional.of(LocalDate.now().minusDays(33)));
        HttpResponse<String> refused = send(phone, roll(1));
        assertThat(refused.statusCode()).isEqualTo(410);
        assertThat(refused.body()).contains("nothing of it is taken any more");
        assertThat(logged()).isEmpty();
    }
}
