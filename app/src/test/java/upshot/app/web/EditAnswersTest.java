package upshot.app.web;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.app.store.PlanStore;

class EditAnswersTest extends OnJobs {

    @Autowired
    private PlanStore plans;

    private SignedIn owner;
    private UUID jobId;
    private UUID briefId;

    @BeforeEach
    void begin() {
        owner = people.person();
        jobId = newJobs.create(owner, "Answers");
        briefId = plans.load(jobId).brief().id();
    }

    private ResultActions post_(String body) throws Exception {
        return mvc.perform(post("/jobs/" + jobId + "/changes")
                .with(csrf())
                .with(user(owner))
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private String setBrief(String field, String before, String after) {
        return "{\"stage\":\"brief\",\"changes\":[{\"op\":\"set\",\"kind\":\"brief\",\"id\":\"%s\",\"field\":\"%s\",\"before\":%s,\"after\":%s}]}"
                .formatted(briefId, field, before, after);
    }

    @Test
    void an_edit_answers_with_the_pieces_of_its_page() throws Exception {
        post_(setBrief("lengthS", "30", "\"20\""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version", is(1)))
                .andExpect(jsonPath("$.done", is("Answers: length 20")))
                .andExpect(jsonPath("$.pieces[*].id", hasItems("gauges", "history", "job-line", "blocks", "actions")))
                .andExpect(jsonPath("$.pieces[?(@.id=='job-line')].html", hasItems(containsString("20 s promo"))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "lengthS|30|\"0\"|422|between 1 and 3600 s",
                "lengthS|30|\"long\"|422|not a number",
                "lengthS|29|\"20\"|409|changed since",
                "name|\"Answers\"|\"\"|422|is empty",
                "wrapTime|\"17:00\"|\"09:00\"|422|there is no day",
                "wrapTime|\"17:00\"|\"25:00\"|422|not a date or time",
                "rate|\"24\"|\"0\"|422|needs two whole numbers",
                "colour|1|2|422|no field"
            })
    void what_is_wrong_is_said_in_plain_words(String field, String before, String after, int status, String words)
            throws Exception {
        post_(setBrief(field, before, after))
                .andExpect(status().is(status))
                .andExpect(jsonPath("$.message", containsString(words)));
        mvc.perform(get("/jobs/" + jobId + "/brief").with(user(owner)))
                .andExpect(content().string(containsString("30 s promo")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{|400",
                "[]|400",
                "{\"stage\":\"brief\"}|422",
                "{\"stage\":\"brief\",\"gesture\":\"dance\"}|422",
                "{\"stage\":\"brief\",\"gesture\":\"add-line\",\"arguments\":{}}|422",
                "{\"stage\":\"brief\",\"gesture\":\"remove\",\"arguments\":{\"kind\":\"brief\",\"id\":\"x\"}}|422"
            })
    void what_is_no_edit_is_refused(String body, int status) throws Exception {
        post_(body)
                .andExpect(status().is(status))
                .andExpect(jsonPath("$.message").isNotEmpty());
    }

    @Test
    void hostile_text_is_shown_as_text() throws Exception {
        post_(setBrief("place", "\"\"", "\"<script>alert(1)</script> \\\"'&\"")).andExpect(status().isOk());

        mvc.perform(get("/jobs/" + jobId + "/brief").with(user(owner)))
                .andExpect(content().string(not(containsString("<script>alert"))))
                .andExpect(content().string(containsString("&lt;script&gt;alert(1)")));
    }

    @Test
    void a_preview_shows_what_would_be_and_keeps_what_is() throws Exception {
        post_(setBrief("lengthS", "30", "12").replace("{\"stage\"", "{\"preview\":true,\"stage\""))
                .andExpect(jsonPath("$.version", is(0)))
                .andExpect(jsonPath("$.pieces[?(@.id=='job-line')].html", hasItems(containsString("12 s promo"))));
        mvc.perform(get("/jobs/" + jobId + "/brief").with(user(owner)))
                .andExpect(content().string(containsString("30 s promo")));
    }

    @Test
    void an_edit_for_a_page_that_does_not_exist_saves_nothing() throws Exception {
        post_(setBrief("lengthS", "30", "12").replace("\"stage\":\"brief\"", "\"stage\":\"nowhere\""))
                .andExpect(status().isNotFound());

        mvc.perform(get("/jobs/" + jobId + "/brief").with(user(owner)))
                .andExpect(content().string(containsString("30 s promo")));
    }

    @Test
    void a_conflict_says_what_is_there_now_so_that_the_page_can_try_again() throws Exception {
        post_(setBrief("lengthS", "30", "12")).andExpect(status().isOk());

        post_(setBrief("lengthS", "30", "20"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.present", is("12.0")))
                .andExpect(jsonPath("$.who", is("Test Person")))
                .andExpect(jsonPath("$.before", is("12.0")));
        post_(setBrief("lengthS", "12.0", "20")).andExpect(status().isOk());
    }

    @Test
    void the_brief_itself_cannot_be_removed() throws Exception {
        post_("{\"stage\":\"brief\",\"gesture\":\"remove\",\"arguments\":{\"kind\":\"brief\",\"id\":\"%s\"}}"
                        .formatted(briefId))
                .andExpect(status().isUnprocessableContent());
    }
}
