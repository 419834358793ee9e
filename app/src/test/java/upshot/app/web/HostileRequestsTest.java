package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.AbstractMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.ObjectMapper;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.NewJobs;
import upshot.app.store.PlanStore;
import upshot.core.SamplePlan;
import upshot.core.plan.Codes;
import upshot.core.plan.Conflict;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.exchange.json.UnreadableJson;

/** Whatever is sent is answered with a plain word and never with a fault, and changes nothing that cannot be meant. */
@AppTest
class HostileRequestsTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String LONE = "\ud83d";
    private static final List<String> VALUES = List.of(
            "", " ", "null", "24:00", "99:99", "NaN", "1e999", "-1e-999999999", LONE, "\u0000", "x".repeat(3000));

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private PlanStore plans;

    @Autowired
    private List<Gesture> gestures;

    @LocalServerPort
    private int port;

    private Web web;
    private UUID job;
    private String token;
    private Plan plan;

    @BeforeEach
    void aJob() throws Exception {
        Account account = people.account();
        SamplePlan sample = new SamplePlan();
        sample.use(sample.shot(sample.action(), 30));
        sample.use(sample.shot(sample.action(), 75));
        plan = sample.build();
        job = newJobs.create(new SignedIn(account), plan);
        web = new Web(port).signIn(account.email(), People.PASSWORD);
        token = web.token("/jobs");
    }

    private HttpResponse<String> send(String path, String body) throws Exception {
        return web.send(web.json("/jobs/%s/%s".formatted(job, path), token, body));
    }

    private static void said(HttpResponse<String> answer, int status) throws Exception {
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
        assertThat(JSON.readTree(answer.body()).path("message").asString()).isNotBlank();
    }

    @ParameterizedTest
    @ValueSource(strings = {"changes", "proposal", "undo", "brief/line", "day/search"})
    void a_body_of_three_megabytes_is_refused_whether_or_not_it_says_how_long_it_is(String path) throws Exception {
        String body = "{\"stage\":\"brief\",\"line\":\"" + "x".repeat(3 << 20) + "\"}";
        said(send(path, body), 413);
        HttpRequest.Builder unsaid = web.json("/jobs/%s/%s".formatted(job, path), token, "")
                .POST(HttpRequest.BodyPublishers.ofInputStream(
                        () -> new java.io.ByteArrayInputStream(body.getBytes())));
        assertThat(web.send(unsaid).statusCode()).isIn(400, 413);
        assertThat(plans.load(job)).isEqualTo(plan);
    }

    @ParameterizedTest
    @ValueSource(strings = {"[", "{\"a\":", "[{},", "{},{},"})
    void brackets_without_end_are_refused_before_they_fill_the_memory(String repeated) throws Exception {
        String body = "{\"stage\":\"brief\",\"changes\":[" + repeated.repeat(1_900_000 / repeated.length());
        said(send("changes", body), 400);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "null",
                "{}",
                "{\"stage\":null}",
                "{\"stage\":\"brief\",\"changes\":null}",
                "{\"stage\":\"brief\",\"changes\":[null]}",
                "{\"stage\":\"brief\",\"changes\":[1,\"a\",[],{}]}",
                "{\"stage\":\"brief\",\"parameters\":{\"open\":null},\"changes\":[]}",
                "{\"stage\":\"brief\",\"gesture\":\"add-line\",\"arguments\":{\"line\":null}}",
                "{\"stage\":\"brief\",\"gesture\":\"add-line\",\"arguments\":null}",
                "{\"stage\":\"brief\",\"edit\":\"no id\",\"changes\":[]}",
                "{\"stage\":\"brief\",\"edit\":17,\"changes\":[]}",
                "{\"stage\":{\"a\":1},\"changes\":[]}"
            })
    void nothing_in_the_place_of_something_is_no_fault(String body) throws Exception {
        for (String path : List.of("changes", "proposal", "undo", "redo")) {
            assertThat(send(path, body).statusCode()).as(path).isLessThan(500);
        }
        assertThat(plans.load(job)).isEqualTo(plan);
    }

    /** Gives the same for every name that is asked for, so that nobody has to know the names. */
    private static Map<String, String> always(String value, String id) {
        return new AbstractMap<>() {
            @Override
            public Set<Map.Entry<String, String>> entrySet() {
                return Set.of();
            }

            @Override
            public String get(Object name) {
                return name.toString().toLowerCase(Locale.ROOT).endsWith("id") ? id : value;
            }

            @Override
            public String getOrDefault(Object name, String otherwise) {
                return get(name);
            }

            @Override
            public boolean containsKey(Object name) {
                return true;
            }
        };
    }

    private Stream<Map<String, String>> hostile() {
        List<String> ids = new ArrayList<>();
        RecordKind.PARENT_FIRST.forEach(kind ->
                plan.all(kind).stream().limit(1).forEach(one -> ids.add(one.id().toString())));
        return Stream.of(
                        Stream.of(Map.<String, String>of()),
                        VALUES.stream().map(value -> always(value, value)),
                        ids.stream().map(id -> always("1", id)))
                .flatMap(one -> one);
    }

    @Test
    void every_gesture_says_in_words_what_is_wrong_whatever_it_is_given() {
        for (Gesture gesture : gestures) {
            // What takes seconds is asked a few times only.
            hostile()
                    .limit(gesture.name().equals("arrange") ? 4 : Long.MAX_VALUE)
                    .forEach(arguments -> {
                        GestureContext context = new GestureContext(
                                UUID.randomUUID(), plan, Codes.of(plan), UUID::randomUUID, UUID.randomUUID());
                        try {
                            plan.apply(gesture.propose(context, arguments).change());
                        } catch (InvalidField | EditRefused | UnreadableJson | Conflict said) {
                            assertThat(said.getMessage()).as(gesture.name()).isNotBlank();
                        } catch (RuntimeException fault) {
                            throw new AssertionError("%s of %s".formatted(gesture.name(), arguments.get("x")), fault);
                        }
                    });
        }
    }

    static Stream<String> addresses() {
        return Stream.of("coverage", "cut", "day", "brief", "hand-off", "day/what-if", "day/moved");
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void an_address_with_anything_behind_it_is_no_fault(String path) throws Exception {
        for (String name : List.of(
                "shot", "use", "joint", "find", "closed", "setup", "open", "record", "time", "what", "to", "seed",
                "since", "id")) {
            for (String value : List.of("null", "24:00", "99999999999", "%ED%A0%BD", "-1")) {
                HttpResponse<String> answer =
                        web.send(web.request("/jobs/%s/%s?%s=%s".formatted(job, path, name, value)));
                assertThat(answer.statusCode())
                        .as("%s?%s=%s", path, name, value)
                        .isIn(200, 302, 400, 404, 422);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "null", "1e9"})
    void a_cut_is_arranged_from_a_number_or_not_at_all(String seed) throws Exception {
        assertThat(web.send(web.request("/jobs/%s/cut/arranged?seed=%s".formatted(job, seed)))
                        .statusCode())
                .isIn(200, 422);
    }

    @Test
    void half_a_character_is_refused_and_none_is_made_by_cutting() throws Exception {
        String brief = plan.brief().id().toString();
        String set =
                "{\"stage\":\"brief\",\"changes\":[{\"op\":\"set\",\"kind\":\"brief\",\"id\":\"%s\",\"field\":\"name\",\"before\":\"Sample\",\"after\":\"%s\"}]}";
        said(send("changes", set.formatted(brief, "a\\ud83d")), 422);
        // 120 characters, of which the last is half of a pair where a copy's name is cut.
        String longest = "a".repeat(112) + "🎬" + "b".repeat(6);
        assertThat(send("changes", set.formatted(brief, longest)).statusCode()).isEqualTo(200);
        HttpResponse<String> copied = web.post("/jobs/%s/duplicate".formatted(job), "_csrf", token);
        assertThat(copied.statusCode()).isEqualTo(302);
        assertThat(web.get("/jobs")).contains("a".repeat(112)).doesNotContain("\ud83d,", "?, copy");
        assertThat(send("undo", "{\"stage\":\"brief\"}").statusCode()).isEqualTo(200);
    }

    @Test
    void a_spot_without_any_light_is_a_spot_and_every_page_stands() throws Exception {
        String spot = plan.spots().get(0).id().toString();
        HttpResponse<String> answer = send(
                "changes",
                "{\"stage\":\"brief\",\"changes\":[{\"op\":\"set\",\"kind\":\"spot\",\"id\":\"%s\",\"field\":\"lux\",\"before\":%s,\"after\":0}]}"
                        .formatted(spot, plan.spots().get(0).lux()));
        assertThat(answer.statusCode()).isEqualTo(200);
        for (String page : List.of("brief", "coverage", "cut", "day", "hand-off")) {
            assertThat(web.send(web.request("/jobs/%s/%s".formatted(job, page))).statusCode())
                    .as(page)
                    .isEqualTo(200);
        }
        assertThat(web.get("/jobs/%s/coverage?shot=%s"
                        .formatted(job, plan.shots().get(0).id())))
                .contains("No light at all.");
    }

    @Test
    void a_wrong_method_is_told_so_and_is_no_matter_for_the_log() throws Exception {
        HttpResponse<String> answer = web.send(web.request("/jobs/%s/brief".formatted(job))
                .header("X-CSRF-TOKEN", token)
                .method("PATCH", HttpRequest.BodyPublishers.noBody()));

        assertThat(answer.statusCode()).isEqualTo(405);
    }
}
