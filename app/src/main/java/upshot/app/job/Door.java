package upshot.app.job;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.app.store.Revision;
import upshot.app.store.Revisions;
import upshot.app.store.ShotCodes;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Conflict;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;
import upshot.exchange.json.ChangeJson;

/**
 * The one way to change a plan. The job's row is locked first, the changes are applied to the plan as it then is, the
 * whole result is checked, and rows and revision are written together or not at all.
 */
@Service
public class Door {

    private final Jobs jobs;
    private final JudgedPlans judged;
    private final PlanStore plans;
    private final Revisions revisions;
    private final ShotCodes codes;
    private final Clock clock;

    Door(Jobs jobs, JudgedPlans judged, PlanStore plans, Revisions revisions, ShotCodes codes, Clock clock) {
        this.jobs = jobs;
        this.judged = judged;
        this.plans = plans;
        this.revisions = revisions;
        this.codes = codes;
        this.clock = clock;
    }

    /**
     * What came of an edit.
     *
     * @param version of the plan now
     * @param plan as it is now
     * @param proposal what was done
     */
    public record Outcome(long version, Plan plan, Proposal proposal) {}

    /** Applies what the gesture proposes; an empty proposal leaves no revision. */
    @Transactional
    public Outcome edit(UUID jobId, SignedIn who, Function<Desk, Proposal> gesture) {
        Job job = jobs.lock(jobId).orElseThrow();
        Plan plan = judged.plan(jobId, job.version());
        Proposal proposal = gesture.apply(desk(jobId, plan, who));
        if (proposal.change().steps().findAny().isEmpty()) {
            return new Outcome(job.version(), plan, proposal);
        }
        return save(job, who, plan, proposal, null, null);
    }

    /** What would be thought of the plan after a change; saves nothing. */
    @Transactional(readOnly = true)
    public Verdict preview(UUID jobId, UUID ownerId, Change change) {
        Verdict present = judged.current(jobId, ownerId).verdict();
        return present.after(present.plan().apply(change));
    }

    /** What a gesture would propose, and that the plan would take it; saves nothing. */
    @Transactional(readOnly = true)
    public Proposal look(UUID jobId, UUID ownerId, SignedIn who, Function<Desk, Proposal> gesture) {
        Plan plan = judged.current(jobId, ownerId).verdict().plan();
        Proposal proposal = gesture.apply(desk(jobId, plan, who));
        plan.apply(proposal.change());
        return proposal;
    }

    /** Takes back the person's last edit that still stands. */
    @Transactional
    public Outcome undo(UUID jobId, SignedIn who) {
        Job job = jobs.lock(jobId).orElseThrow();
        Revisions.Step step =
                history(jobId, who).undo().orElseThrow(() -> new EditRefused("There is nothing to undo."));
        return takeBack(job, who, step, "Undo: ", step.version(), null);
    }

    /** Does again what the person last took back. */
    @Transactional
    public Outcome redo(UUID jobId, SignedIn who) {
        Job job = jobs.lock(jobId).orElseThrow();
        Revisions.Step step =
                history(jobId, who).redo().orElseThrow(() -> new EditRefused("There is nothing to redo."));
        return takeBack(job, who, step, "", null, step.version());
    }

    /** What others did since a version, in a sentence; empty when nobody else did anything. */
    @Transactional(readOnly = true)
    public String newsSince(UUID jobId, long version, SignedIn who) {
        List<Revisions.Others> others = revisions.ofOthersSince(jobId, version, who.id());
        if (others.isEmpty()) {
            return "";
        }
        Revisions.Others last = others.get(others.size() - 1);
        String more = others.size() > 1 ? ", and %d more".formatted(others.size() - 1) : "";
        return "%s: %s%s".formatted(last.who(), last.label(), more);
    }

    /** What the person can undo and redo. */
    @Transactional(readOnly = true)
    public History history(UUID jobId, SignedIn who) {
        return History.of(revisions.stepsOf(jobId, who.id()));
    }

    private Outcome takeBack(Job job, SignedIn who, Revisions.Step step, String prefix, Long undoes, Long redoes) {
        Plan plan = judged.plan(job.id(), job.version());
        Revision revision =
                revisions.findByJobIdAndVersion(job.id(), step.version()).orElseThrow();
        Change inverse = ChangeJson.read(revision.changes()).inverse();
        String label = prefix.isEmpty() ? step.label().replaceFirst("^Undo: ", "") : prefix + step.label();
        return save(job, who, plan, Proposal.of(label, inverse), undoes, redoes);
    }

    private Outcome save(Job job, SignedIn who, Plan before, Proposal proposal, Long undoes, Long redoes) {
        Plan after = applied(job.id(), before, proposal.change());
        claimCodes(job.id(), proposal.change());
        plans.update(job.id(), before, after);
        long version = job.advance(clock.instant());
        jobs.save(job);
        revisions.save(new Revision(
                new Revision.Key(job.id(), version),
                who.id(),
                clock.instant(),
                shortened(proposal.label()),
                undoes,
                redoes,
                ChangeJson.write(proposal.change())));
        return new Outcome(version, after, proposal);
    }

    private Plan applied(UUID jobId, Plan before, Change change) {
        try {
            return before.apply(change);
        } catch (Conflict conflict) {
            throw new Contested(
                    conflict, revisions.lastHand(jobId, conflict.id()).orElse(""));
        }
    }

    private void claimCodes(UUID jobId, Change change) {
        change.steps().forEach(step -> {
            if (step instanceof Change.Add add
                    && add.added() instanceof Shot shot
                    && !codes.claim(jobId, shot.code(), shot.id())) {
                throw new InvalidField(
                        "code", "The code %s was given before and stays with that shot.".formatted(shot.code()));
            }
            if (step instanceof Change.Set set && set.field().equals("code")) {
                throw new InvalidField("code", "A code never changes: it may stand on a slate already.");
            }
        });
    }

    private Desk desk(UUID jobId, Plan plan, SignedIn who) {
        return new Desk(plan, new Codes(codes.everGiven(jobId)), UUID::randomUUID, who.id());
    }

    private static String shortened(String label) {
        return label.length() <= 200 ? label : label.substring(0, 199) + "…";
    }
}
