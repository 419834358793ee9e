package upshot.app.job;

import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.store.Job;
import upshot.app.web.FrameView;
import upshot.app.web.LateDrawing;
import upshot.app.web.Selected;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/** The drawings of a page of many frames, some dozen at a time, after its words. */
@RestController
class DrawingController {

    /** What a page asks for at once. */
    private static final int MOST = 60;

    private final JudgedPlans plans;

    DrawingController(JudgedPlans plans) {
        this.plans = plans;
    }

    /**
     * @param shots ids, with commas
     * @param keys the drawings that the page waits for; where they are what is drawn now, a browser may keep the answer
     */
    @GetMapping("/jobs/{jobId}/drawings")
    ResponseEntity<Map<String, String>> drawings(
            Job job, @RequestParam(defaultValue = "") String shots, @RequestParam(defaultValue = "") String keys) {
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        Map<String, String> drawn = new LinkedHashMap<>();
        asked(shots).flatMap(id -> shot(verdict, id).stream()).forEach(shot -> {
            LateDrawing drawing = FrameView.drawing(verdict, shot);
            drawn.put(drawing.key(), drawing.inside());
        });
        List<String> wanted = asked(keys).toList();
        CacheControl keep = !wanted.isEmpty() && drawn.keySet().containsAll(wanted)
                ? CacheControl.maxAge(Duration.ofDays(7)).cachePrivate().immutable()
                : CacheControl.noStore();
        return ResponseEntity.ok().cacheControl(keep).body(drawn);
    }

    private static Stream<String> asked(String list) {
        return Arrays.stream(list.split(",")).filter(one -> !one.isEmpty()).limit(MOST);
    }

    private static Optional<Shot> shot(Verdict verdict, String id) {
        return Selected.of(verdict.plan(), RecordKind.SHOT, Map.of("shot", id), "shot");
    }
}
