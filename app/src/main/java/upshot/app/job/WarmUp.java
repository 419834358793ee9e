package upshot.app.job;

import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.brief.LineReader;
import upshot.core.brief.NewActions;
import upshot.core.coverage.Fill;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/**
 * A made-up job is filled and arranged once behind everything else when the application has started: the first proposals
 * otherwise take as many seconds as those after them take tenths.
 */
@Component
class WarmUp {

    private static final List<String> LINES = List.of(
            "Somebody comes in 8s",
            "Hands fold sheets 20s repeats",
            "Hands sew them on a frame 60s repeats",
            "The press is screwed down 6s",
            "Somebody stamps the title 12s",
            "Somebody opens the book 10s");

    private final boolean wanted;

    WarmUp(@Value("${upshot.warm-up:true}") boolean wanted) {
        this.wanted = wanted;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (wanted) {
            Thread thread = new Thread(WarmUp::run, "warm-up");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            thread.start();
        }
    }

    private static void run() {
        Plan plan = filled();
        for (Manner manner : Manner.values()) {
            Verdict verdict = Verdict.of(plan);
            Verdict.of(plan.apply(new Arrange(UUID::randomUUID, manner, 1, Arrange.USUAL_STEPS).propose(verdict)));
        }
    }

    private static Plan filled() {
        Plan begun = NewJobs.firstPlan(UUID.randomUUID(), "Warm");
        NewActions added = new NewActions(begun, UUID::randomUUID);
        for (int line = 0; line < LINES.size(); line++) {
            int beat = line == 0 ? 0 : line < LINES.size() - 1 ? 1 : 2;
            added.add(
                    new LineReader(added.subjectNames(), List.of()).read(LINES.get(line)),
                    begun.beats().get(beat).id(),
                    begun.spots().get(0).id());
        }
        Plan typed = begun.apply(added.changes());
        return typed.apply(new Fill(UUID::randomUUID, Codes.of(typed)).propose(typed, hole -> true));
    }
}
