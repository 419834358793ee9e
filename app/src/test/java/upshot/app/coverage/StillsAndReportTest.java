package upshot.app.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MvcResult;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class StillsAndReportTest extends OnJobs {

    @Autowired
    private JdbcClient jdbc;

    private static MockMultipartFile png() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(32, 18, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return new MockMultipartFile("file", "still.png", "image/png", bytes.toByteArray());
    }

    private String put(UUID jobId, SignedIn who) throws Exception {
        String answer = mvc.perform(multipart("/jobs/{id}/stills", jobId)
                        .file(png())
                        .with(csrf())
                        .with(user(who)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.read(answer, "$.hash");
    }

    @Test
    void a_still_is_kept_once_and_shown_to_its_job_alone() throws Exception {
        SignedIn owner = people.person();
        UUID jobId = newJobs.create(owner, "Mine");
        UUID otherJob = newJobs.create(owner, "Also mine");
        String hash = put(jobId, owner);

        assertThat(put(jobId, owner)).isEqualTo(hash);
        assertThat(stillsOf(jobId)).isEqualTo(1);
        mvc.perform(get("/jobs/{id}/stills/{hash}", jobId, hash).with(user(owner)))
                .andExpect(status().isOk())
                .andExpect(content().contentType("image/jpeg"))
                .andExpect(header().string("Cache-Control", "max-age=86400, private, immutable"));
        mvc.perform(get("/jobs/{id}/stills/{hash}", otherJob, hash).with(user(owner)))
                .andExpect(status().isNotFound());
        mvc.perform(get("/jobs/{id}/stills/{hash}", jobId, hash).with(user(people.person())))
                .andExpect(status().isNotFound());
    }

    private int stillsOf(UUID jobId) {
        return jdbc.sql("select count(*) from still where job_id = ?")
                .param(jobId.toString())
                .query(Integer.class)
                .single();
    }

    @Test
    void a_copied_job_has_its_stills_too() throws Exception {
        SignedIn owner = people.person();
        SamplePlan sample = new SamplePlan();
        UUID jobId = newJobs.create(owner, sample.build());
        String hash = put(jobId, owner);
        UUID copyId = newJobs.copy(owner, jobId, sample.build());

        mvc.perform(get("/jobs/{id}/stills/{hash}", copyId, hash).with(user(owner)))
                .andExpect(status().isOk());
    }

    @Test
    void what_is_no_picture_is_refused_in_plain_words_and_nothing_is_kept() throws Exception {
        SignedIn owner = people.person();
        UUID jobId = newJobs.create(owner, "Mine");
        MockMultipartFile script = new MockMultipartFile("file", "x.png", "image/png", "<script>".getBytes());

        mvc.perform(multipart("/jobs/{id}/stills", jobId)
                        .file(script)
                        .with(csrf())
                        .with(user(owner)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.message").value("This is no PNG, JPEG or WebP picture."));
        assertThat(stillsOf(jobId)).isZero();
    }

    /** On a busy machine the first answers lead to a page that says how far it is; it is asked again. */
    private byte[] paper(UUID jobId, SignedIn owner) throws Exception {
        MvcResult answered;
        int tries = 0;
        do {
            MvcResult asked = mvc.perform(
                            get("/jobs/{id}/papers/coverage.pdf", jobId).with(user(owner)))
                    .andExpect(request().asyncStarted())
                    .andReturn();
            answered = mvc.perform(asyncDispatch(asked)).andReturn();
        } while (answered.getResponse().getStatus() == 303 && ++tries < 20);
        assertThat(answered.getResponse().getStatus()).isEqualTo(200);
        assertThat(answered.getResponse().getContentType()).isEqualTo("application/pdf");
        return answered.getResponse().getContentAsByteArray();
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void the_report_says_the_same_on_screen_and_on_paper() throws Exception {
        SignedIn owner = people.person();
        SamplePlan sample = new SamplePlan();
        Action action = sample.action(
                one -> one.with("name", "Ada & Ben <cross> “it”").with("cautions", Cautions.of(Caution.FIRE)));
        Shot shot = sample.shot(action, one -> one.with("note", "mind the step").with("apertureN", 4.0));
        UUID jobId = newJobs.create(owner, sample.build());
        String page = mvc.perform(get("/jobs/{id}/coverage/report", jobId).with(user(owner)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        String paper = text(paper(jobId, owner));

        for (String said : List.of(
                shot.code(), "mind the step", "f/4", "No wide. Nobody will know where this is.", "3.38 m back")) {
            assertThat(page).contains(said);
            assertThat(paper).contains(said);
        }
        assertThat(page).contains("Ada &amp; Ben &lt;cross&gt;");
        assertThat(paper).contains("Ada & Ben <cross> “it”", Caution.FIRE.care(), "1 of 1");
    }

    @RepeatedTest(12)
    void any_plan_can_be_put_on_paper(RepetitionInfo run) throws Exception {
        SignedIn owner = people.person();
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        UUID jobId = newJobs.create(owner, plan);
        String paper = text(paper(jobId, owner));

        assertThat(plan.shots())
                .as("seed %d", run.getCurrentRepetition())
                .allSatisfy(shot -> assertThat(paper).contains(shot.code()));
    }
}
