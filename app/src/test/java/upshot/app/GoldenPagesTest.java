package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import upshot.app.account.SignedIn;
import upshot.core.RandomPlans;
import upshot.core.plan.Plan;
import upshot.exchange.json.PlanJson;
import upshot.exchange.text.Sha256;

/**
 * The pages and papers of both demo jobs and of some seeded plans, as they were when the file was written: a net under changes
 * that mean to change nothing. {@code -Dupshot.write-golden=true} with
 * {@code -Dupshot.golden-plans=200} writes the file anew, and the pages in full to {@code target/golden}. Without, a few of the plans are looked at.
 */
class GoldenPagesTest extends OnJobs {

    private static final Path FILE = Path.of("src/test/resources/golden/pages.txt");
    private static final Path PAGES = Path.of("target/golden");
    private static final Path DEMOS = Path.of("../exchange/src/test/resources/golden");
    private static final List<String> STAGES =
            List.of("brief", "coverage", "cut", "ground", "day", "hand-off", "coverage/report", "day/call-sheet");
    private static final List<String> PAPERS = List.of("coverage", "call-sheet", "radio", "frames");
    private static final int FIGURES = 16;
    private static final int SEEDS = Integer.getInteger("upshot.golden-plans", 8);
    private static final boolean WRITE = Boolean.getBoolean("upshot.write-golden");

    private final List<String> now = new ArrayList<>();

    @Test
    void pages_and_papers_are_as_they_were() throws Exception {
        for (String demo : List.of("kiln-night", "tallow-street")) {
            Plan plan = PlanJson.read(Files.readAllBytes(DEMOS.resolve(demo + ".json")));
            look(demo, plan, true);
        }
        for (int seed = 1; seed <= SEEDS; seed++) {
            look(Integer.toString(seed), new RandomPlans(seed).plan(), false);
        }
        if (WRITE) {
            Files.createDirectories(FILE.getParent());
            Files.write(FILE, now);
        }
        assertThat(now).isEqualTo(Files.readAllLines(FILE).subList(0, now.size()));
    }

    private void look(String name, Plan plan, boolean papers) throws Exception {
        SignedIn who = people.person();
        UUID jobId = newJobs.create(who, plan);
        StringBuilder line = new StringBuilder(name);
        for (String page : STAGES) {
            String html = answer(who, jobId, page).getContentAsString(StandardCharsets.UTF_8);
            line.append(kept(name, page, same(html, jobId)));
        }
        for (String paper : papers ? PAPERS : List.<String>of()) {
            line.append(kept(name, paper + ".pdf", text(answer(who, jobId, "papers/" + paper + ".pdf"))));
        }
        now.add(line.toString());
    }

    /** A paper may still be in the making on a busy machine; then it is asked for again. */
    private MockHttpServletResponse answer(SignedIn who, UUID jobId, String path) throws Exception {
        MockHttpServletResponse answer = ask(who, jobId, path);
        for (int i = 0; i < 240 && answer.getStatus() == 303; i++) {
            Thread.sleep(250);
            answer = ask(who, jobId, path);
        }
        assertThat(answer.getStatus()).as(path).isEqualTo(200);
        return answer;
    }

    private MockHttpServletResponse ask(SignedIn who, UUID jobId, String path) throws Exception {
        MvcResult asked = mvc.perform(get("/jobs/%s/%s".formatted(jobId, path)).with(user(who)))
                .andReturn();
        MvcResult answered = asked.getRequest().isAsyncStarted()
                ? mvc.perform(asyncDispatch(asked)).andReturn()
                : asked;
        return answered.getResponse();
    }

    /** Without what differs from run to run: the job's own id, the session's token, the build. */
    private static String same(String html, UUID jobId) {
        return html.replace(jobId.toString(), "JOB")
                .replace("-" + jobId.toString().substring(0, 8), "-JOB")
                .replaceAll("(csrf-token\" content=|_csrf\" value=)\"[^\"]*\"", "$1\"TOKEN\"")
                .replaceAll("/b[0-9a-f]+/js/", "/js/")
                .replaceAll("-[0-9a-f]{32}\\.", ".");
    }

    private static String text(MockHttpServletResponse pdf) throws IOException {
        try (PDDocument paper = Loader.loadPDF(pdf.getContentAsByteArray())) {
            return new PDFTextStripper().getText(paper);
        }
    }

    private static String kept(String name, String part, String content) throws IOException {
        if (WRITE) {
            Files.createDirectories(PAGES);
            Files.writeString(PAGES.resolve("%s-%s.txt".formatted(name, part.replace('/', '-'))), content);
        }
        return " %s=%s".formatted(part, Sha256.hex(content).substring(0, FIGURES));
    }
}
