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

    /** Everything that the page of a stage needs, of the plan as it stands. */
    Map<String, Object> model(Job job, SignedIn who, Stage stage, Map<String, String> parameters) {
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        return model(new StageRequest(job.id(), current.version(), who, parameters), stage, current.verdict());
    }

    /** The same of a plan that was judged already. */
    Map<String, Object> model(StageRequest request, Stage stage, Verdict verdict) {
        StagePages.Shown shown = new StagePages.Shown(
                request, edits.history(request.jobId(), request.who()), sides.state(request.jobId()));
        return pages.model(shown, stage, verdict);
    }
}
