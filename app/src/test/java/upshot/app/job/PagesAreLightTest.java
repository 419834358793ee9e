package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.store.JobMember;
import upshot.app.store.JobMembers;
import upshot.core.LargeJob;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** Pages of a large job: packed, known by a tag, their words first and most of their drawings after them. */
@AppTest
class PagesAreLightTest {

    private static final Pattern LATE = Pattern.compile("data-late=\"([0-9a-f]{12})\" data-shot=\"([0-9a-f-]{36})\"");

    @Autowired
    private People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private JobMembers members;

    @Autowired
    private Edits edits;

    @LocalServerPort
    private int port;

    private final Plan plan = LargeJob.of(60, 300, 200);
    private SignedIn owner;
    private UUID job;
    private Web web;

    @BeforeEach
    void aLargeJob() throws Exception {
        Account account = people.account();
        owner = new SignedIn(account);
        job = newJobs.create(owner, plan);
        web = new Web(port).signIn(account.email(), People.PASSWORD);
    }

    private HttpResponse<byte[]> packed(Web from, String stage, String tag) throws Exception {
        var request = from.request("/jobs/%s/%s".formatted(job, stage)).header("Accept-Encoding", "gzip");
        if (!tag.isEmpty()) {
            request.header("If-None-Match", tag);
        }
        return from.client().send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    private static String tag(HttpResponse<?> answer) {
        return answer.headers().firstValue("ETag").orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"brief", "coverage", "cut", "day", "hand-off"})
    void a_page_of_300_shots_takes_at_most_a_hundred_kilobytes_on_its_way(String stage) throws Exception {
        HttpResponse<byte[]> page = packed(web, stage, "");

        assertThat(page.headers().firstValue("Content-Encoding")).contains("gzip");
        assertThat(page.headers().firstValue("Cache-Control")).contains("private, no-cache");
        assertThat(page.body().length).isLessThanOrEqualTo(100_000);
    }

    @Test
    void the_words_of_every_shot_are_in_the_page_and_each_drawing_comes_when_it_is_asked_for() throws Exception {
        String page = web.get("/jobs/%s/coverage".formatted(job));
        assertThat(plan.shots())
                .allSatisfy(shot -> assertThat(page)
                        .contains("id=\"thumb-" + shot.id() + "\"")
                        .contains(">" + shot.code() + "</span>"));
        List<MatchResult> late = LATE.matcher(page).results().toList();
        assertThat(late).hasSize(300 - 24);

        String keys = late.get(0).group(1) + "," + late.get(1).group(1);
        String shots = late.get(0).group(2) + "," + late.get(1).group(2);
        HttpResponse<String> drawings = drawings(shots, keys);
        JsonNode drawn = new ObjectMapper().readTree(drawings.body());
        for (String key : keys.split(",")) {
            assertThat(drawn.path(key).asString()).startsWith("<svg").endsWith("</svg>");
        }
        assertThat(drawings.headers().firstValue("Cache-Control").orElseThrow()).contains("private", "immutable");
        assertThat(drawings(shots, "000000000000")
                        .headers()
                        .firstValue("Cache-Control")
                        .orElseThrow())
                .contains("no-store");
        assertThat(drawings("nonsense,,x", "").body()).isEqualTo("{}");
    }

    private HttpResponse<String> drawings(String shots, String keys) throws Exception {
        return web.send(web.request("/jobs/%s/drawings?shots=%s&keys=%s".formatted(job, shots, keys))
                .setHeader("Accept", "application/json"));
    }

    @Test
    void a_page_that_is_the_same_is_not_sent_again_and_one_of_an_edited_job_is() throws Exception {
        HttpResponse<byte[]> first = packed(web, "brief", "");
        assertThat(packed(web, "brief", tag(first)).statusCode()).isEqualTo(304);
        assertThat(packed(web, "brief?open=delivery", tag(first)).statusCode()).isEqualTo(200);
        edits.edit(
                job,
                owner,
                context -> Proposal.of("length", Change.set(context.plan().brief(), "lengthS", 77.0)));

        HttpResponse<byte[]> second = packed(web, "brief", tag(first));
        assertThat(second.statusCode()).isEqualTo(200);
        assertThat(web.get("/jobs/%s/brief".formatted(job))).contains("77 s promo", "Undo: length");
    }

    @Test
    void nobody_gets_a_page_with_the_token_or_the_undo_of_somebody_else() throws Exception {
        Account other = people.account();
        members.save(new JobMember(job, other.id(), Instant.now()));
        Web there = new Web(port).signIn(other.email(), People.PASSWORD);
        edits.edit(
                job,
                owner,
                context -> Proposal.of("mine alone", Change.set(context.plan().brief(), "lengthS", 78.0)));
        String mine = web.get("/jobs/%s/brief".formatted(job));
        String theirs = there.get("/jobs/%s/brief".formatted(job));

        assertThat(mine).contains("Undo: mine alone");
        assertThat(theirs).doesNotContain("Undo: mine alone").contains("Nothing to undo");
        assertThat(packed(there, "brief", tag(packed(web, "brief", ""))).statusCode())
                .isEqualTo(200);
        // Each page's token is good for its own session, also where the page was drawn for somebody else before.
        for (Map.Entry<Web, String> own : Map.of(web, mine, there, theirs).entrySet()) {
            String token = Web.found(Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\""), own.getValue());
            assertThat(own.getKey()
                            .send(own.getKey()
                                    .json("/jobs/%s/brief/line".formatted(job), token, "{\"line\":\"Ada waves\"}"))
                            .statusCode())
                    .isEqualTo(200);
        }
        String again = web.get("/jobs/%s/brief".formatted(job));
        String token = Web.found(Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\""), again);
        assertThat(web.send(web.json("/jobs/%s/brief/line".formatted(job), token, "{\"line\":\"Ada waves\"}"))
                        .statusCode())
                .as("from a page that was kept")
                .isEqualTo(200);
    }
}
