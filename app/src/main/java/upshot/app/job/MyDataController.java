package upshot.app.job;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.ObjectMapper;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.KitTemplates;
import upshot.app.store.PlanStore;
import upshot.app.store.Revisions;
import upshot.app.store.Stills;
import upshot.exchange.json.PlanJson;

/** Everything that is kept of an account, in one file: who it is, their jobs as plan files with pictures, kits, edits. */
@Controller
class MyDataController {

    private static final ObjectMapper JSON = new ObjectMapper();

    private final Jobs jobs;
    private final PlanStore plans;
    private final Revisions revisions;
    private final Stills stills;
    private final KitTemplates kits;
    private final Sides sides;

    MyDataController(Jobs jobs, PlanStore plans, Revisions revisions, Stills stills, KitTemplates kits, Sides sides) {
        this.jobs = jobs;
        this.plans = plans;
        this.revisions = revisions;
        this.stills = stills;
        this.kits = kits;
        this.sides = sides;
    }

    @GetMapping("/account/data.zip")
    ResponseEntity<StreamingResponseBody> data(@AuthenticationPrincipal SignedIn who) {
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("upshot-lane-account.zip")
                                .build()
                                .toString())
                .body(out -> write(who, out));
    }

    private void write(SignedIn who, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            Map<String, String> account = new LinkedHashMap<>();
            account.put("id", who.id().toString());
            account.put("name", who.displayName());
            account.put("address", who.getUsername());
            put(zip, "account.json", JSON.writerWithDefaultPrettyPrinter().writeValueAsString(account));
            for (var kit : kits.findByAccountIdOrderByName(who.id())) {
                put(zip, "kits/%s.json".formatted(kit.id()), kit.records());
            }
            for (Job job : jobs.findByOwnerId(who.id())) {
                putJob(zip, job);
            }
            put(zip, "edits.json", JSON.writeValueAsString(edits(who)));
            for (SideStore store : sides.stores()) {
                put(zip, store.name() + ".json", JSON.writeValueAsString(store.linesOf(who.id())));
            }
        }
    }

    private void putJob(ZipOutputStream zip, Job job) throws IOException {
        String folder = "jobs/%s/".formatted(job.id());
        put(zip, folder + "plan.json", PlanJson.write(plans.load(job.id())));
        for (SideStore store : sides.stores()) {
            put(zip, "%s%s.json".formatted(folder, store.name()), JSON.writeValueAsString(store.lines(job.id())));
        }
        for (String hash : stills.hashes(job.id())) {
            put(
                    zip,
                    "%sstills/%s.jpg".formatted(folder, hash),
                    stills.find(job.id(), hash).orElseThrow());
        }
    }

    /** What somebody did, in whoever's jobs: when and in what words. */
    private List<Map<String, Object>> edits(SignedIn who) {
        return revisions.ofAccount(who.id()).stream()
                .map(edit -> Map.<String, Object>of(
                        "job",
                        edit.jobId(),
                        "version",
                        edit.version(),
                        "at",
                        edit.madeAt().toString(),
                        "label",
                        edit.label()))
                .toList();
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        put(zip, name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }
}
