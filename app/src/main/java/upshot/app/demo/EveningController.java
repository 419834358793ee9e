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
        return answer(job, who, sent, "The evening begins");
    }

    @PostMapping("/jobs/{jobId}/roll/network")
    Answer cutOrJoin(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        evening.cutOrJoin(job.id());
        return answer(job, who, sent, evening.isCut(job.id()) ? "The network is cut" : "The network is whole");
    }

    private Answer answer(Job job, SignedIn who, Sent sent, String done) {
        return answers.of(job, who, "roll", sent.parameters() == null ? Map.of() : sent.parameters(), done);
    }
}
