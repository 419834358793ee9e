package upshot.app.demo;

import java.util.Map;
import org.springframework.context.annotation.Profile;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.account.SignedIn;
import upshot.app.job.Answer;
import upshot.app.job.StageAnswers;
import upshot.app.store.Job;

/** Lets an evening play itself. */
@RestController
@Profile("demo")
class EveningController {

    private final PlayedEvening evening;
    private final StageAnswers answers;

    EveningController(PlayedEvening evening, StageAnswers answers) {
        this.evening = evening;
        this.answers = answers;
    }

    /** @param parameters of the page that asks */
    record Sent(Map<String, String> parameters) {}

    @PostMapping("/jobs/{jobId}/roll/play")
    Answer play(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        evening.play(job, who);
        return answers.of(
                job, who, "roll", sent.parameters() == null ? Map.of() : sent.parameters(), "The evening begins");
    }
}
