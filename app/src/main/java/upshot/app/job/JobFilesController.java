package upshot.app.job;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.store.Job;
import upshot.core.plan.Plan;
import upshot.exchange.csv.ActionsCsv;
import upshot.exchange.json.PlanJson;

/** The whole job as a plan file, and its actions as a table. */
@Controller
class JobFilesController {

    private final JudgedPlans plans;

    JobFilesController(JudgedPlans plans) {
        this.plans = plans;
    }

    @GetMapping("/jobs/{jobId}/plan.json")
    ResponseEntity<byte[]> plan(Job job) {
        Plan plan = current(job);
        return file(plan, ".plan.json", MediaType.APPLICATION_JSON, PlanJson.write(plan));
    }

    @GetMapping("/jobs/{jobId}/actions.csv")
    ResponseEntity<byte[]> actions(Job job) {
        Plan plan = current(job);
        return file(
                plan, ", actions.csv", new MediaType("text", "csv", StandardCharsets.UTF_8), ActionsCsv.write(plan));
    }

    private Plan current(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict().plan();
    }

    private static ResponseEntity<byte[]> file(Plan plan, String ending, MediaType type, String text) {
        String name = plan.brief().name().replaceAll("[\\\\/:*?\"<>|]", "_");
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
