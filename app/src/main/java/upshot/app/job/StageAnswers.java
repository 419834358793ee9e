package upshot.app.job;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.core.verdict.Verdict;

/** A stage of a job as it is now, for whoever looks. */
@Component
public class StageAnswers {

    private final StagePages pages;
    private final JudgedPlans plans;
    private final Edits edits;
    private final Sides sides;

    StageAnswers(StagePages pages, JudgedPlans plans, Edits edits, Sides sides) {
        this.pages = pages;
        this.plans = plans;
        this.edits = edits;
        this.sides = sides;
    }

    /**
     * The stage of a word in an address.
     *
     * @throws org.springframework.web.server.ResponseStatusException when there is none
     */
    public Stage stage(String slug) {
        return pages.stage(slug);
    }

    /** The pieces of a stage, after something was done that is no edit of the plan. */
    public Answer of(Job job, SignedIn who, String slug, Map<String, String> parameters, String done) {
        Stage stage = pages.stage(slug);
        return answer(stage, model(job, who, stage, parameters), done, parameters);
    }

    Answer answer(Stage stage, Map<String, Object> model, String done, Map<String, String> parameters) {
        return new Answer(
                (long) model.get("version"),
                (String) model.get("beside"),
                pages.pieces(stage, model),
                done,
                parameters);
    }

    private Map<String, Object> model(Job job, SignedIn who, Stage stage, Map<String, String> parameters) {
        return model(job, who, stage, parameters, sides.state(job.id()));
    }

    /**
     * Everything that the page of a stage needs, of the plan as it stands.
     *
     * @param beside how far what is kept beside the plan had come before it was read
     */
    Map<String, Object> model(Job job, SignedIn who, Stage stage, Map<String, String> parameters, String beside) {
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        StageRequest request = new StageRequest(job.id(), current.version(), who, parameters);
        return model(request, stage, current.verdict(), beside);
    }

    /** The same of a plan that was judged already. */
    Map<String, Object> model(StageRequest request, Stage stage, Verdict verdict) {
        return model(request, stage, verdict, sides.state(request.jobId()));
    }

    private Map<String, Object> model(StageRequest request, Stage stage, Verdict verdict, String beside) {
        return pages.model(
                new StagePages.Shown(request, edits.history(request.jobId(), request.who()), beside), stage, verdict);
    }
}
