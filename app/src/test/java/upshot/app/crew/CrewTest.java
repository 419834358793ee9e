package upshot.app.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.NewJobs;
import upshot.app.job.Proposal;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.json.LogJson;

/** A phone without an account: it comes in by a code, sees one day, adds to its log, and goes again. */
@AppTest
class CrewTest {

    private static final Pattern CODE = Pattern.compile("crew#([A-Z2-9]{12})");

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private Edits edits;

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    private SignedIn owner;
    private UUID job;
    private UUID shot;
    private Web desk;

    @BeforeEach
    void aJob() throws Exception {
        jdbc.sql("delete from sign_in_try where subject like 'crew:%'").update();
        Account account = people.account();
        owner = new SignedIn(account);
        SamplePlan sample = new SamplePlan();
        shot = sample.shot(sample.action(), 30).id();
        Plan plan = sample.build();
        job = newJobs.create(owner, plan);
        dated(Optional.of(LocalDate.now().plusDays(1)));
        desk = new Web(port).signIn(account.email(), People.PASSWORD);
    }

    private void dated(Optional<LocalDate> date) {
        edits.edit(
                job,
                owner,
                context -> Proposal.of("date", Change.set(context.plan().brief(), "shootDate", date)));
    }

    private HttpResponse<String> atDesk(String path, String body) throws Exception {
        return desk.send(desk.json("/jobs/%s/roll/%s".formatted(job, path), desk.token("/jobs"), body));
    }

    private String code() throws Exception {
        return Web.found(CODE, atDesk("crew/code", "{}").body());
    }

    private HttpResponse<String> join(Web phone, String code, String name) throws Exception {
        return phone.post("/crew", "_csrf", phone.token("/crew"), "code", code, "name", name);
    }

    private Web joined(String name) throws Exception {
        Web phone = new Web(port);
        assertThat(join(phone, code(), name).headers().firstValue("Location"))
                .hasValueSatisfying(to -> assertThat(to).endsWith("/jobs/%s/roll/phone".formatted(job)));
        return phone;
    }

    private HttpResponse<String> ask(Web phone, String path) throws Exception {
        return phone.send(phone.request("/jobs/%s/roll/%s".formatted(job, path)).setHeader("Accept", "*/*"));
    }

    private LogEntry roll(int number) {
        return new LogEntry(
                UUID.randomUUID(),
                UUID.randomUUID(),
                number,
                1_760_000_000_000L + number,
                0,
                What.ROLL,
                Optional.empty(),
                Optional.of(shot),
                Optional.empty(),
                "",
                0,
                "",
                List.of());
    }

    /** As a phone sends: its cookie alone, no session and no token. */
    private HttpResponse<String> send(Web phone, LogEntry... entries) throws Exception {
        return phone.send(phone.json("/jobs/%s/roll/log".formatted(job), "none", LogJson.write(List.of(entries))));
    }

    private List<String> logged() {
        return jdbc.sql("select cast(id as char) from log_entry where job_id = ?")
                .param(job.toString())
                .query(String.class)
                .list();
    }

    private String phoneId() {
        return jdbc.sql("select cast(id as char) from crew_phone where job_id = ?")
                .param(job.toString())
                .query(String.class)
                .single();
    }

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
}
