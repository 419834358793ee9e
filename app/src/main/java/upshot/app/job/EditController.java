package upshot.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.account.SignedIn;
import upshot.app.store.DatabaseAway;
import upshot.app.store.Job;
import upshot.app.web.OutlookWords;
import upshot.core.finding.Wording;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.verdict.Outlook;
import upshot.core.verdict.Verdict;
import upshot.exchange.json.ChangeJson;

/** Takes edits, previews, undo and redo; answers with the pieces of the page that asked. */
@RestController
class EditController {

    private static final Logger LOG = LoggerFactory.getLogger(EditController.class);

    private final Edits edits;
    private final JudgedPlans plans;
    private final StagePages pages;
    private final StageAnswers answers;
    private final Map<String, Gesture> gestures;

    EditController(Edits edits, JudgedPlans plans, StagePages pages, StageAnswers answers, List<Gesture> gestures) {
        this.edits = edits;
        this.plans = plans;
        this.pages = pages;
        this.answers = answers;
        this.gestures = gestures.stream().collect(Collectors.toMap(Gesture::name, Function.identity()));
    }

    @PostMapping("/jobs/{jobId}/changes")
    Answer change(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody EditRequest edit) {
        Stage stage = pages.stage(edit.stage());
        if (edit.preview()) {
            return preview(job, who, stage, edit);
        }
        return answer(job, who, stage, edit, edits.edit(job.id(), who, edit.editId(), prepared(job, edit)));
    }

    /** Only what follows a moving control is drawn; nothing is saved. */
    private Answer preview(Job job, SignedIn who, Stage stage, EditRequest edit) {
        Change change = edit.gesture() == null
                ? ChangeJson.read(edit.changes())
                : edits.look(job.id(), job.ownerId(), who, prepared(job, edit)).change();
        Verdict verdict = edits.preview(job.id(), job.ownerId(), change);
        StageRequest request = new StageRequest(job.id(), job.version(), who, edit.parameters());
        Map<String, Object> model = answers.model(request, stage, verdict);
        return new Answer(job.version(), "", pages.livePieces(stage, model), "", edit.parameters());
    }

    /**
     * What a gesture would take in, for whoever looks before.
     *
     * @param label what the button says that takes it in
     */
    record Looked(String label, List<String> details, List<String> leftOut) {}

    @PostMapping("/jobs/{jobId}/proposal")
    Looked propose(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody EditRequest edit) {
        Proposal proposal = edits.look(job.id(), job.ownerId(), who, prepared(job, edit));
        return new Looked(proposal.label(), proposal.details(), proposal.leftOut());
    }

    @PostMapping("/jobs/{jobId}/undo")
    Answer undo(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody EditRequest edit) {
        Stage stage = pages.stage(edit.stage());
        return answer(job, who, stage, edit, edits.undo(job.id(), who, edit.editId()));
    }

    @PostMapping("/jobs/{jobId}/redo")
    Answer redo(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody EditRequest edit) {
        Stage stage = pages.stage(edit.stage());
        return answer(job, who, stage, edit, edits.redo(job.id(), who, edit.editId()));
    }

    /** Reads what was sent before the job is locked. */
    private Function<GestureContext, Proposal> prepared(Job job, EditRequest edit) {
        if (edit.gesture() == null) {
            Change change = ChangeJson.read(edit.changes());
            return context -> Proposal.of(ChangeLabel.of(context.plan(), change), change);
        }
        Gesture gesture = gestures.get(edit.gesture());
        if (gesture == null) {
            throw new EditRefused("There is no gesture “%s”.".formatted(Wording.shortened(edit.gesture(), 40)));
        }
        return gesture.prepared(
                edit.arguments(),
                () -> plans.current(job.id(), job.ownerId()).verdict().plan());
    }

    private Answer answer(Job job, SignedIn who, Stage stage, EditRequest edit, Edits.Outcome outcome) {
        Verdict verdict = plans.remember(job.id(), outcome.version(), outcome.verdict());
        Map<String, String> parameters = new LinkedHashMap<>(edit.parameters());
        parameters.putAll(outcome.proposal().show());
        String done = outcome.proposal().label();
        try {
            StageRequest request = new StageRequest(job.id(), outcome.version(), who, parameters);
            Map<String, Object> model = answers.model(request, stage, verdict);
            return answers.answer(stage, model, done + otherRules(outcome, verdict), parameters);
        } catch (RuntimeException broken) {
            if (DatabaseAway.is(broken)) {
                throw broken;
            }
            LOG.error("An edit was stored, but its page cannot be drawn", broken);
            return new Answer(
                    outcome.version(),
                    "",
                    List.of(),
                    done + ". It is saved, but this page could not be drawn; load it again.",
                    parameters);
        }
    }

    /** Where the house rules changed, what that changes in what is said of the plan. */
    private static String otherRules(Edits.Outcome outcome, Verdict now) {
        Change change = outcome.proposal().change();
        if (change.steps().noneMatch(EditController::setsRules)) {
            return "";
        }
        Verdict before = Verdict.of(now.plan().apply(change.inverse()));
        return ". " + OutlookWords.of(Outlook.between(before, now), "No finding changes.");
    }

    private static boolean setsRules(Change step) {
        return step instanceof Change.Set set && (set.kind() == RecordKind.HOUSE || set.kind() == RecordKind.ADJUSTMENT)
                || step instanceof Change.Add add && add.added() instanceof Adjustment
                || step instanceof Change.Remove remove && remove.removed() instanceof Adjustment;
    }
}
