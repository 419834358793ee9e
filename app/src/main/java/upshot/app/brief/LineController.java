package upshot.app.brief;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.core.brief.ActionLine;
import upshot.core.brief.Guess;

/** Says while somebody types what has been understood of the line. */
@RestController
class LineController {

    private final JudgedPlans plans;

    LineController(JudgedPlans plans) {
        this.plans = plans;
    }

    /** A line as it stands in the field. */
    record Typed(String line) {}

    /**
     * What the page shows of it.
     *
     * @param subject who or what will be seen; empty when the line does not say
     * @param guess what the sentence tells beside; empty when it does not
     */
    record Understood(
            String sentence,
            String subject,
            String guess,
            List<ActionLine.Chip> chips,
            List<ActionLine.Chip> unknown) {}

    @PostMapping("/jobs/{jobId}/brief/line")
    Understood read(Job job, @RequestBody Typed typed) {
        ActionLine line = Lines.read(
                plans.current(job.id(), job.ownerId()).verdict().plan(), typed.line() == null ? "" : typed.line());
        return new Understood(
                line.sentence(),
                line.subject().orElse(""),
                line.guess().map(Guess::label).orElse(""),
                line.chips(),
                line.unknown());
    }
}
