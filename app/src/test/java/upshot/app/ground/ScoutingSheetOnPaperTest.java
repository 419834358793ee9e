package upshot.app.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Standing;

/** A hall of 10 by 6 m; with its margins the plan is 12 m wide. */
class ScoutingSheetOnPaperTest extends OnJobs {

    private static final Offset<Double> TWENTIETH_MM = Offset.offset(0.05);

    private SignedIn owner;
    private UUID jobId;
    private UUID hall;

    @BeforeEach
    void aHall() {
        owner = people.person();
        SamplePlan sample = new SamplePlan();
        Action action =
                sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(1.0)));
        sample.shot(action, 0);
        hall = action.spotId();
        List<Change> drawn = new ArrayList<>();
        for (Outline.Corner one : Outline.parse("0 0, 10 0, 10 6, 0 6").corners()) {
            drawn.add(new Change.Add(
                    new FloorCorner(sample.id(), hall, drawn.size(), one.acrossM(), one.deepM(), 3, true)));
        }
        drawn.add(new Change.Add(new Standing(
                sample.id(),
                hall,
                1,
                "machine line",
                Standing.Kind.NO_GO,
                Outline.parse("8 4, 9 4, 9 5, 8 5"),
                0,
                "moving parts",
                "the foreman")));
        Plan plan = sample.build().apply(Change.batch(drawn));
        jobId = newJobs.create(owner, plan);
    }

    private byte[] pdf(String slug) throws Exception {
        mvc.perform(get("/jobs/{id}/papers/{paper}.pdf", jobId, slug).with(user(owner)));
        await().until(() -> mvc.perform(get("/jobs/{id}/papers/{paper}/made.pdf", jobId, slug)
                                .with(user(owner)))
                        .andReturn()
                        .getResponse()
                        .getStatus()
                == 200);
        return mvc.perform(
                        get("/jobs/{id}/papers/{paper}/made.pdf", jobId, slug).with(user(owner)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    @Test
    void at_one_to_a_hundred_the_wall_and_the_bar_are_both_a_hundred_millimetres() throws Exception {
        List<Double> lines = PdfLines.level(pdf("scouting-sheet-a4-1-to-100")).get(0);
        assertThat(lines.stream().filter(mm -> Math.abs(mm - 100) < TWENTIETH_MM.value))
                .as("near wall, far wall, bar")
                .hasSizeGreaterThanOrEqualTo(3);
    }

    /** 12 m are 240 mm at 1:50; at 1:20 they are 600, which takes two sheets of A3, three of A4. */
    @Test
    void it_takes_the_largest_scale_that_fits_and_as_many_sheets_as_a_larger_one_needs() throws Exception {
        List<List<Double>> fits = PdfLines.level(pdf("scouting-sheet-a4"));
        assertThat(fits).as("the plan, and its stands").hasSize(2);
        assertThat(fits.get(0)).anySatisfy(mm -> assertThat(mm).isCloseTo(200, TWENTIETH_MM));
        assertThat(fits.get(0)).anySatisfy(mm -> assertThat(mm).isCloseTo(100, TWENTIETH_MM));
        assertThat(PdfLines.level(pdf("scouting-sheet-a3-1-to-20"))).hasSize(2 * 2 + 1);
        assertThat(PdfLines.level(pdf("scouting-sheet-a4-1-to-20"))).hasSize(3 * 3 + 1);
    }

    @Test
    void it_says_what_stands_where_and_what_to_check() throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf("scouting-sheet-a4"))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("1:50", "100 mm by your ruler, 5 m on the floor")
                    .contains("Ask the foreman how far machine line (moving parts) reaches.")
                    .contains("Measure what was only paced: 4 corners")
                    .contains("Local codes, permits and licensed people decide.");
        }
    }

    @Test
    void a_plan_is_taken_away_as_a_drawing_to_scale() throws Exception {
        String svg = mvc.perform(get("/jobs/{id}/ground/plan.svg", jobId)
                        .param("spot", hall.toString())
                        .param("scale", "100")
                        .with(user(owner)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(svg).contains("width=\"120.000mm\"").contains("machine line").doesNotContain("class=");
    }

    @Test
    void the_form_leads_to_the_paper_and_what_is_no_paper_is_none() throws Exception {
        mvc.perform(get("/jobs/{id}/ground/scouting-sheet?paper=A3&scale=200", jobId)
                        .with(user(owner)))
                .andExpect(redirectedUrl("/jobs/%s/papers/scouting-sheet-a3-1-to-200.pdf".formatted(jobId)));
        for (String wrong : List.of("scouting-sheet?paper=A5", "scouting-sheet?scale=30", "plan.svg?spot=" + jobId)) {
            mvc.perform(get("/jobs/" + jobId + "/ground/" + wrong).with(user(owner)))
                    .andExpect(status().isNotFound());
        }
    }

    @Test
    void a_small_plan_goes_along_on_the_call_sheet_and_on_phones() throws Exception {
        mvc.perform(get("/jobs/{id}/day/call-sheet", jobId).with(user(owner)))
                .andExpect(content().string(containsString("aria-label=\"Plan of Hall\"")));
        mvc.perform(get("/jobs/{id}/roll/day.json", jobId).with(user(owner)))
                .andExpect(jsonPath("$.plans.length()").value(1))
                .andExpect(jsonPath("$.plans[0].spot").value("Hall"))
                .andExpect(jsonPath("$.plans[0].svg").value(containsString("machine line")));
    }
}
