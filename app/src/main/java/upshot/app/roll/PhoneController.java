package upshot.app.roll;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import tools.jackson.databind.json.JsonMapper;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;

/**
 * Roll on a phone: one page that works without a network, the day in one download, and the worker that keeps the page. They
 * lie under {@code /jobs/{jobId}/roll/}, which is as far as the worker reaches.
 */
@Controller
class PhoneController {

    private static final JsonMapper JSON = new JsonMapper();

    /** What the page is made of; what they ask for in turn is among them. */
    private static final List<String> FILES = List.of(
            "/css/web/tokens.css",
            "/css/roll/tokens.css",
            "/css/roll/phone.css",
            "/js/roll/phone.js",
            "/js/roll/clock.js",
            "/js/roll/kept.js",
            "/js/roll/late.js",
            "/js/roll/log.js",
            "/js/roll/notes.js",
            "/js/roll/outbox.js",
            "/js/roll/parts.js",
            "/js/roll/phone-roll.js",
            "/js/roll/rolling.js",
            "/js/roll/screens.js",
            "/js/roll/sides.js",
            "/js/roll/shown.js",
            "/js/roll/signals.js",
            "/js/roll/state.js",
            "/js/roll/turn.js",
            "/js/vendor/idb.js",
            "/js/web/id.js",
            "/js/day/numbers.js",
            "/js/day/wasm.js",
            "/js/day-numbers/day.js",
            "/js/day-numbers/day.wasm",
            "/icons/favicon.svg",
            "/fonts/atkinson-hyperlegible-next-latin-400-normal.woff2",
            "/fonts/atkinson-hyperlegible-next-latin-600-normal.woff2",
            "/fonts/atkinson-hyperlegible-mono-latin-400-normal.woff2",
            "/fonts/bricolage-grotesque-latin-700-normal.woff2");

    private final JudgedPlans plans;
    private final ResourceUrlProvider addresses;
    private final String version;

    PhoneController(
            JudgedPlans plans, ResourceUrlProvider addresses, @Value("${upshot.build-version}") String version) {
        this.plans = plans;
        this.addresses = addresses;
        this.version = version;
    }

    @GetMapping("/jobs/{jobId}/roll/phone")
    String page(Job job, Model model) {
        model.addAttribute("jobId", job.id());
        return "roll/phone";
    }

    @GetMapping("/jobs/{jobId}/roll/day.json")
    ResponseEntity<PhoneDay> day(Job job) {
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(PhoneDay.of(current.verdict(), current.version()));
    }

    /** The worker, with the files of this build in front of it: another build is another worker. */
    @GetMapping(value = "/jobs/{jobId}/roll/worker.js", produces = "text/javascript;charset=UTF-8")
    @ResponseBody
    String worker(Job job) throws IOException {
        List<String> files = new ArrayList<>(List.of("/jobs/%s/roll/phone".formatted(job.id())));
        FILES.forEach(file -> files.add(address(file)));
        return "const BUILD = %s;\nconst FILES = %s;\n%s"
                .formatted(
                        JSON.writeValueAsString(version),
                        JSON.writeValueAsString(files),
                        new ClassPathResource("roll/worker.js").getContentAsString(StandardCharsets.UTF_8));
    }

    private String address(String file) {
        String hashed = addresses.getForLookupPath(file);
        return hashed == null ? file : hashed;
    }

    /** What a phone needs to put the page among its programs. */
    @GetMapping(value = "/jobs/{jobId}/roll/roll.webmanifest", produces = "application/manifest+json")
    @ResponseBody
    Map<String, Object> manifest(Job job) {
        String page = "/jobs/%s/roll/phone".formatted(job.id());
        return Map.of(
                "id",
                page,
                "name",
                "Roll, "
                        + plans.current(job.id(), job.ownerId())
                                .verdict()
                                .plan()
                                .brief()
                                .name(),
                "short_name",
                "Roll",
                "start_url",
                page,
                "scope",
                "/jobs/%s/roll/".formatted(job.id()),
                "display",
                "standalone",
                "background_color",
                "#0c1114",
                "theme_color",
                "#0c1114",
                "icons",
                List.of(
                        Map.of("src", address("/icons/favicon.svg"), "sizes", "any", "type", "image/svg+xml"),
                        home(192),
                        home(512)));
    }

    /** Programs of a phone want pictures in pixels, which it may cut round. */
    private Map<String, String> home(int side) {
        return Map.of(
                "src",
                address("/icons/home-%d.png".formatted(side)),
                "sizes",
                "%1$dx%1$d".formatted(side),
                "type",
                "image/png",
                "purpose",
                "any maskable");
    }
}
