package upshot.app.day;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.app.web.FrameView;
import upshot.core.verdict.Verdict;
import upshot.exchange.agenda.DayIcs;

/** The call sheet to be read on a screen, and the day for a calendar. */
@Controller
class CallSheetController {

    static final String TEMPLATE = "day/call-sheet";
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final JudgedPlans plans;
    private final Clock clock;

    CallSheetController(JudgedPlans plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    @GetMapping("/jobs/{jobId}/day/call-sheet")
    String page(Job job, Model model) {
        CallSheet sheet = CallSheet.of(verdict(job), FrameView::of);
        model.addAllAttributes(Map.of("sheet", sheet, "jobId", job.id(), "paper", false, "radio", false));
        return TEMPLATE;
    }

    @GetMapping("/jobs/{jobId}/day/order.ics")
    ResponseEntity<byte[]> calendar(Job job) {
        Verdict verdict = verdict(job);
        LocalDate date = verdict.plan().brief().shootDate().orElseGet(() -> LocalDate.now(clock));
        String calendar = DayIcs.write(verdict.plan().brief(), date, verdict.day(), clock.instant());
        return Attachment.of(
                verdict.plan().brief().name(), "day.ics", CALENDAR, calendar.getBytes(StandardCharsets.UTF_8));
    }

    private Verdict verdict(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict();
    }
}
