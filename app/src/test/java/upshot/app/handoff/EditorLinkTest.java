package upshot.app.handoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.app.Web;
import upshot.core.handoff.HandOffEntry;
import upshot.exchange.json.HandOffJson;

/** A link for an editor: what it shows, what it takes, and when it is over. */
@AppTest
class EditorLinkTest extends WithHandOff {

    private static final Pattern LINK = Pattern.compile("https?://[^/]+(/editor/[0-9a-f]{48})");

    private String link() throws Exception {
        return Web.found(LINK, post("/editor-link", "{}").body());
    }

    private HttpResponse<String> asEditor(String path) throws Exception {
        Web stranger = new Web(port);
        return stranger.send(stranger.request(path));
    }

    private HttpResponse<String> remarks(String link, HandOffEntry... entries) throws Exception {
        Web stranger = new Web(port);
        return stranger.send(stranger.json(link + "/remarks", "none", HandOffJson.write(List.of(entries))));
    }

    @Test
    void an_editor_sees_the_cut_and_says_something_of_it() throws Exception {
        String link = link();
        HttpResponse<String> shown = asEditor(link);
        assertThat(shown.statusCode()).isEqualTo(200);
        assertThat(shown.body())
                .contains("The cut, use by use")
                .contains(use.id().toString());
        assertThat(shown.headers().firstValue("Cache-Control")).contains("no-store");
        assertThat(remarks(link, remark("two more seconds")).body()).contains("\"taken\":1");
        assertThat(desk.get(page)).contains("too short").contains("two more seconds");
    }

    @Test
    void an_editor_can_say_nothing_else_and_see_nothing_else() throws Exception {
        String link = link();
        assertThat(remarks(link, clips(clip("C001"))).body()).contains("Only remarks can be sent here");
        assertThat(remarks(link, remark("good"), clips(clip("C001"))).statusCode())
                .isBetween(400, 422);
        assertThat(kept()).isZero();
        for (String other :
                List.of(page, page + "/package.zip", "/jobs", "/jobs/" + job + "/roll/log", link + "/more")) {
            assertThat(asEditor(other).body())
                    .as(other)
                    .doesNotContain("The cut, use by use")
                    .doesNotContain("hand-off-title");
        }
        Web stranger = new Web(port);
        for (String method : List.of("PUT", "DELETE", "PATCH", "POST")) {
            assertThat(stranger.send(stranger.request(link)
                                    .method(method, java.net.http.HttpRequest.BodyPublishers.ofString("{}")))
                            .statusCode())
                    .as(method)
                    .isIn(403, 404, 405, 415);
        }
    }

    @Test
    void a_link_that_was_taken_back_replaced_or_is_old_opens_nothing() throws Exception {
        String first = link();
        String second = link();
        assertThat(asEditor(first).statusCode()).isEqualTo(404);
        assertThat(asEditor(second).statusCode()).isEqualTo(200);
        assertThat(desk.get(page)).contains("A link lets an editor in until");
        post("/editor-link/take-back", "{}");
        assertThat(asEditor(second).statusCode()).isEqualTo(404);
        assertThat(remarks(second, remark("late")).statusCode()).isEqualTo(404);
        String third = link();
        jdbc.sql("update editor_link set expires_at = utc_timestamp(6) - interval 1 second where job_id = ?")
                .param(job.toString())
                .update();
        assertThat(asEditor(third).statusCode()).isEqualTo(404);
        assertThat(kept()).isZero();
    }

    @Test
    void the_secret_is_nowhere_to_be_read_and_no_guess_opens_anything() throws Exception {
        String secret = link().substring("/editor/".length());
        assertThat(jdbc.sql("select secret_hash from editor_link where job_id = ?")
                        .param(job.toString())
                        .query(String.class)
                        .single())
                .isNotEqualTo(secret);
        assertThat(desk.get(page)).doesNotContain(secret);
        assertThat(asEditor("/editor/" + "0".repeat(48)).statusCode()).isEqualTo(404);
        assertThat(asEditor("/editor/" + "f".repeat(4000)).statusCode()).isEqualTo(404);
    }

    @Test
    void a_link_fills_no_job() throws Exception {
        String link = link();
        HandOffEntry[] many = new HandOffEntry[250];
        for (int i = 0; i < many.length; i++) {
            many[i] = remark("remark " + i);
        }
        assertThat(remarks(link, many).statusCode()).isEqualTo(200);
        for (int i = 0; i < many.length; i++) {
            many[i] = remark("more " + i);
        }
        assertThat(remarks(link, many).statusCode()).isEqualTo(200);
        assertThat(remarks(link, remark("one more")).body()).contains("takes no more");
        assertThat(entries(remark("the planner's own"))).contains("\"taken\":1");
    }
}
