package upshot.app.day;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.app.web.Pieces;
import upshot.core.verdict.Verdict;
import upshot.exchange.agenda.DayIcs;
import upshot.exchange.pdf.Pdf;

/** The call sheet to be read, printed or sent, a short one for the radio, and the day for a calendar. */
@Controller
class CallSheetController {

    private static final String TEMPLATE = "day/call-sheet";
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final JudgedPlans plans;
    private final Pieces pieces;
    private final Clock clock;

    CallSheetController(JudgedPlans plans, Pieces pieces, Clock clock) {
        this.plans = plans;
        this.pieces = pieces;
        this.clock = clock;
    }

    @GetMapping("/jobs/{jobId}/day/call-sheet")
    String page(Job job, Model model) {
        model.addAllAttributes(shown(job, false, false));
        return TEMPLATE;
    }

    @GetMapping("/jobs/{jobId}/day/call-sheet.pdf")
    ResponseEntity<byte[]> pdf(Job job) throws IOException {
        return paper(job, "call sheet.pdf", false);
    }

    /** The whole day on one page, without pictures. */
    @GetMapping("/jobs/{jobId}/day/radio.pdf")
    ResponseEntity<byte[]> radio(Job job) throws IOException {
        return paper(job, "radio.pdf", true);
    }

    @GetMapping("/jobs/{jobId}/day/order.ics")
    ResponseEntity<byte[]> calendar(Job job) {
        Verdict verdict = verdict(job);
        LocalDate date = verdict.plan().brief().shootDate().orElseGet(() -> LocalDate.now(clock));
        String calendar = DayIcs.write(verdict.plan().brief(), date, verdict.day(), clock.instant());
        return Attachment.of(
                verdict.plan().brief().name(), "day.ics", CALENDAR, calendar.getBytes(StandardCharsets.UTF_8));
    }

    private ResponseEntity<byte[]> paper(Job job, String what, boolean radio) throws IOException {
        String css = new ClassPathResource("static/css/day/call-sheet.css").getContentAsString(StandardCharsets.UTF_8);
        Map<String, Object> model = shown(job, true, radio);
        String name = ((CallSheet) model.get("sheet")).name();
        return Attachment.of(name, what, MediaType.APPLICATION_PDF, Pdf.of(pieces.page(TEMPLATE, model), css));
    }

    private Map<String, Object> shown(Job job, boolean paper, boolean radio) {
        return Map.of("sheet", CallSheet.of(verdict(job)), "jobId", job.id(), "paper", paper, "radio", radio);
    }

    private Verdict verdict(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict();
    }
}
