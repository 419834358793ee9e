package upshot.app.remark;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.account.SignedIn;
import upshot.app.job.Answer;
import upshot.app.job.EditRefused;
import upshot.app.job.StageAnswers;
import upshot.app.store.Job;
import upshot.core.plan.InvalidField;

/** Takes remarks; answers with the pieces of the page that asked. */
@RestController
class RemarkController {

    private static final int LONGEST = 500;

    private final RemarkStore remarks;
    private final StageAnswers answers;

    RemarkController(RemarkStore remarks, StageAnswers answers) {
        this.remarks = remarks;
        this.answers = answers;
    }

    /**
     * What a page posts.
     *
     * @param stage whose pieces to answer with
     * @param parameters of that stage's page
     * @param edit by which the page knows this remark; sent again, it is made once
     * @param shot what it is about, null or empty for the job
     * @param takesBack the remark to take back, null for a new one
     * @param words of a new one
     */
    record Sent(String stage, Map<String, String> parameters, UUID edit, String shot, UUID takesBack, String words) {}

    @PostMapping("/jobs/{jobId}/remarks")
    Answer add(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        if (sent.edit() == null) {
            throw new EditRefused("A remark needs an id of its own.");
        }
        Map<String, String> parameters = sent.parameters() == null ? Map.of() : sent.parameters();
        answers.stage(sent.stage());
        remarks.add(
                job.id(),
                who,
                new RemarkStore.Wanted(
                        sent.edit(), shot(sent.shot()), Optional.ofNullable(sent.takesBack()), words(sent)));
        return answers.of(
                job, who, sent.stage(), parameters, sent.takesBack() == null ? "Remark made" : "Remark taken back");
    }

    private static Optional<UUID> shot(String text) {
        try {
            return text == null || text.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            throw new EditRefused("There is no such shot.");
        }
    }

    private static String words(Sent sent) {
        String words = sent.words() == null ? "" : sent.words().strip();
        if (sent.takesBack() != null) {
            return "";
        }
        if (words.isEmpty()) {
            throw new InvalidField("words", "Write what is to be said.");
        }
        if (words.length() > LONGEST) {
            throw new InvalidField(
                    "words", "A remark has at most %d characters; this one has %d.".formatted(LONGEST, words.length()));
        }
        return words;
    }
}
