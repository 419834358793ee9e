package upshot.app.roll;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.json.LogJson;

/** Who sees the log, and as what: the day for a phone, how it stands at the desk. */
@AppTest
class LogSeenTest extends OnSharedLog {

    @Test
    void the_day_for_a_phone_holds_everything_and_no_address_of_anybody() throws Exception {
        String day = ask(ada, "day.json").body();

        assertThat(day)
                .contains("\"code\":\"%s\"".formatted(shot.code()), "\"svg\":\"<svg", "\"whats\":[\"ROLL\"", "FOCUS")
                .doesNotContain(owner.email());
        assertThat(ask(ada, "worker.js").body())
                .startsWith("const BUILD = \"")
                .contains("/jobs/%s/roll/phone".formatted(job), "/js/roll/phone.js", "/js/day-numbers/day.js")
                .doesNotContain("\"/css/web/tokens.css\"");
    }

    private LogEntry withdrawn(UUID phone) {
        return new LogEntry(
                UUID.randomUUID(),
                phone,
                30,
                AT_MS + 30_000,
                0,
                What.CONSENT,
                Optional.empty(),
                Optional.of(person),
                Optional.empty(),
                "REFUSED",
                0,
                "",
                List.of());
    }

    @Test
    void the_desk_shows_how_the_day_stands() throws Exception {
        LogEntry take = roll(0);
        LogEntry stop = entry(take.phoneId(), 20, What.STOP, Optional.of(take.id()), Optional.empty());
        LogEntry keep = entry(take.phoneId(), 21, What.KEEP, Optional.of(take.id()), Optional.empty());
        assertThat(ada.get("/jobs/%s/roll".formatted(job))).contains("Nothing has rolled yet");

        send(ben, LogJson.write(List.of(keep, stop, take)));

        assertThat(ada.get("/jobs/%s/roll".formatted(job)))
                .contains("1 of 1 shots got", "got, 17 s clean of", "%s, take 1".formatted(shot.code()), "kept")
                .doesNotContain("Nothing has rolled yet", "consent withdrawn");

        send(ben, LogJson.write(List.of(withdrawn(take.phoneId()))));
        assertThat(ada.get("/jobs/%s/roll".formatted(job)))
                .contains("Consent withdrawn: Ada", "kept, consent withdrawn");
    }

    @Test
    void strangers_find_no_log_and_no_day_and_nobody_posts_without_a_token() throws Exception {
        Web stranger = new Web(port).signIn(people.account().email(), People.PASSWORD);
        String sent = LogJson.write(List.of(roll(0)));

        assertThat(send(stranger, sent).statusCode()).isEqualTo(404);
        for (String path : List.of("log", "log.json", "day.json", "phone", "worker.js", "roll.webmanifest")) {
            assertThat(ask(stranger, path).statusCode()).as(path).isEqualTo(404);
        }
        assertThat(ada.send(ada.json("/jobs/%s/roll/log".formatted(job), "none", sent))
                        .statusCode())
                .isEqualTo(403);
        assertThat(log.all(job)).isEmpty();
    }
}
