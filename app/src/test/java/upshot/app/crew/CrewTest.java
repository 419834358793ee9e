package upshot.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import upshot.app.AppTest;
import upshot.app.Web;
import upshot.core.roll.LogEntry;
import upshot.exchange.json.LogJson;

/** A phone without an account: it comes in by a code, sees one day, and adds to its log. */
@AppTest
class CrewTest extends WithCrew {

    @Test
    void a_code_lets_a_phone_into_the_day_and_its_log() throws Exception {
        Web phone = joined("camera B");

        assertThat(ask(phone, "phone").statusCode()).isEqualTo(200);
        assertThat(ask(phone, "day.json").statusCode()).isEqualTo(200);
        assertThat(ask(phone, "worker.js").statusCode()).isEqualTo(200);
        LogEntry take = roll(0);
        assertThat(send(phone, take, take).body()).contains("\"refused\":[]");
        assertThat(ask(phone, "log").body()).contains(take.id().toString()).contains("\"token\":\"\"");
        assertThat(logged()).containsExactly(take.id().toString());
        assertThat(desk.get("/jobs/%s/roll".formatted(job)))
                .contains("camera B")
                .contains("in since");
    }

    /** Typed off a screen, with blanks and in small letters; a second one, and the first one after it, as well. */
    @Test
    void a_code_can_be_typed_and_lets_a_whole_crew_in() throws Exception {
        String code = code();
        String typed = code.toLowerCase(Locale.ROOT).replaceAll("(...)", "$1 ");

        assertThat(join(new Web(port), typed, "camera B").statusCode()).isEqualTo(302);
        assertThat(join(new Web(port), code, "sound").statusCode()).isEqualTo(302);
    }

    @Test
    void another_code_or_none_lets_nobody_in_by_the_one_before_and_keeps_who_is_in() throws Exception {
        String first = code();
        Web phone = new Web(port);
        join(phone, first, "camera B");

        String second = code();
        assertThat(join(new Web(port), first, "late").body()).contains("lets nobody in");
        assertThat(ask(phone, "day.json").statusCode()).isEqualTo(200);
        atDesk("crew/close", "{}");
        assertThat(join(new Web(port), second, "late").body()).contains("lets nobody in");
        assertThat(ask(phone, "day.json").statusCode()).isEqualTo(200);
    }

    @Test
    void only_what_is_random_of_codes_and_keys_is_nowhere_to_be_read() throws Exception {
        String code = code();
        Web phone = new Web(port);
        join(phone, code, "camera B");
        String key = phone.cookies().getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(CrewSecurity.COOKIE))
                .findFirst()
                .orElseThrow()
                .getValue();

        assertThat(jdbc.sql("select secret_hash from crew_code union select key_hash from crew_phone")
                        .query(String.class)
                        .list())
                .isNotEmpty()
                .noneMatch(hash -> hash.contains(code) || hash.contains(key));
    }

    @Test
    void a_key_is_good_for_its_own_job_alone() throws Exception {
        Web phone = joined("camera B");
        UUID other = newJobs.create(owner, "Another");
        String key = phone.cookies().getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(CrewSecurity.COOKIE))
                .findFirst()
                .orElseThrow()
                .getValue();

        assertThat(new Web(port)
                        .send(new Web(port)
                                .request("/jobs/%s/roll/day.json".formatted(other))
                                .setHeader("Accept", "application/json")
                                .header("Cookie", CrewSecurity.COOKIE + "=" + key))
                        .statusCode())
                .isEqualTo(401);
    }

    @Test
    void guessing_is_slow_and_says_nothing() throws Exception {
        Web guesser = new Web(port);
        HttpResponse<String> last = null;
        for (int guess = 0; guess < 22; guess++) {
            last = join(guesser, "ABCDEFGHJK%02d".formatted(guess), "guess");
        }
        assertThat(last.statusCode()).isEqualTo(429);
        assertThat(last.headers().firstValue("Retry-After")).isPresent();
        assertThat(join(new Web(port), code(), "camera B").statusCode())
                .as("whoever has the code waits as well")
                .isEqualTo(429);
    }

    @Test
    void what_is_typed_wrong_is_said_beside_it_and_nothing_typed_is_lost() throws Exception {
        assertThat(join(new Web(port), "", "camera B").body())
                .contains("Type the code that the desk shows")
                .contains("value=\"camera B\"");
        assertThat(join(new Web(port), "ABC", "").body())
                .contains("Say whose phone this is")
                .contains("value=\"ABC\"");
    }

    /** All of them at once, each with a key of its own, asking and sending as fast as they can. */
    @Test
    void twenty_phones_on_one_job_are_held_and_see_the_same_log() throws Exception {
        String code = code();
        ExecutorService phones = Executors.newFixedThreadPool(20);
        List<Future<Web>> joining = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String name = "phone " + i;
            joining.add(phones.submit(() -> {
                Web phone = new Web(port);
                join(phone, code, name);
                for (int take = 0; take < 10; take++) {
                    assertThat(send(phone, roll(take)).statusCode()).isEqualTo(200);
                    assertThat(ask(phone, "log").statusCode()).isEqualTo(200);
                }
                return phone;
            }));
        }
        Set<String> logs = new HashSet<>();
        List<Web> joined = new ArrayList<>();
        for (Future<Web> one : joining) {
            joined.add(one.get());
        }
        phones.shutdown();
        for (Web phone : joined) {
            logs.add(ask(phone, "log").body().replaceAll("\"nowMs\":\\d+", ""));
        }
        assertThat(logs).hasSize(1);
        assertThat(logged()).hasSize(200).doesNotHaveDuplicates();
    }

    /** A form of another site can send text, but no JSON. */
    @Test
    void entries_come_as_json_or_not_at_all() throws Exception {
        Web phone = joined("camera B");
        HttpResponse<String> answer = phone.send(phone.request("/jobs/%s/roll/log".formatted(job))
                .header("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString(LogJson.write(List.of(roll(0))))));

        assertThat(answer.statusCode()).isEqualTo(415);
        assertThat(logged()).isEmpty();
    }

    @Test
    void more_phones_than_a_crew_has_are_not_let_in() throws Exception {
        String code = code();
        jdbc.sql("insert into crew_phone (id, job_id, key_hash, name, admitted_at, seen_at)"
                        + " select uuid(), ?, uuid(), 'x', utc_timestamp(6), utc_timestamp(6) from seq_1_to_60")
                .param(job.toString())
                .update();

        assertThat(join(new Web(port), code, "one more").body()).contains("60 phones are let in already");
    }

    /** Phones want squares of pixels that can be cut round. */
    @Test
    void what_a_phone_puts_among_its_programs_has_its_pictures() throws Exception {
        Web phone = joined("camera B");
        JsonNode manifest =
                new JsonMapper().readTree(ask(phone, "roll.webmanifest").body());

        assertThat(manifest.path("start_url").asString()).isEqualTo("/jobs/%s/roll/phone".formatted(job));
        assertThat(manifest.path("icons")).hasSize(3);
        for (JsonNode icon : manifest.path("icons")) {
            if (icon.path("type").asString().equals("image/png")) {
                byte[] picture = phone.client()
                        .send(
                                phone.request(icon.path("src").asString()).build(),
                                HttpResponse.BodyHandlers.ofByteArray())
                        .body();
                BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture));
                assertThat("%dx%d".formatted(image.getWidth(), image.getHeight()))
                        .isEqualTo(icon.path("sizes").asString());
            }
        }
    }
}
