package upshot.app.job;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.app.store.Revision;
import upshot.app.store.Revisions;
import upshot.app.store.ShotCodes;
import upshot.core.finding.Wording;
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
public class Edits {

    private static final Logger LOG = LoggerFactory.getLogger(Edits.class);
    private static final int LONGEST_LABEL = 200;

    private final Jobs jobs;
    private final JudgedPlans judged;
    private final PlanStore plans;
    private final Revisions revisions;
    private final ShotCodes codes;
    private final Clock clock;

    Edits(Jobs jobs, JudgedPlans judged, PlanStore plans, Revisions revisions, ShotCodes codes, Clock clock) {
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
     * @param verdict on the plan as it is now
     * @param proposal what was done
     */
    public record Outcome(long version, Verdict verdict, Proposal proposal) {}

    /** Applies what the gesture proposes, for an edit that nobody sends twice. */
    @Transactional
    public Outcome edit(UUID jobId, SignedIn who, Function<GestureContext, Proposal> gesture) {
        return edit(jobId, who, Optional.empty(), gesture);
    }

    /**
     * Applies what the gesture proposes; an empty proposal leaves no revision.
     *
     * @param editId by which the page knows the edit; one that was made already is answered again and not made again
     */
    @Transactional
    public Outcome edit(UUID jobId, SignedIn who, Optional<UUID> editId, Function<GestureContext, Proposal> gesture) {
        Job job = jobs.lock(jobId).orElseThrow();
        return made(job, who, editId).orElseGet(() -> {
            Before before = before(job);
            Proposal proposal = gesture.apply(context(jobId, before.plan(), who));
            return proposal.change().steps().findAny().isEmpty()
                    ? new Outcome(job.version(), before.verdict(), proposal)
                    : save(job, who, before, new Edit(editId, proposal, null, null));
        });
    }

    /** What an edit did that was made before; its answer was lost on the way to the page. */
    private Optional<Outcome> made(Job job, SignedIn who, Optional<UUID> editId) {
        return editId.flatMap(id -> revisions.findByJobIdAndEditId(job.id(), id))
                .map(revision -> {
                    if (!revision.accountId().equals(who.id())) {
                        throw new EditRefused("Somebody else made an edit of this name.");
                    }
                    Proposal first = Proposal.showing(revision.label(), Change.batch(List.of()), shown(revision));
                    return new Outcome(job.version(), before(job).verdict(), first);
                });
    }

    private static Map<String, String> shown(Revision revision) {
        return ShownJson.read(revision.shown());
    }

    /** The plan that an edit is made on, and what is known of it; judged anew only where somebody asks. */
    private final class Before {

        private final Job job;
        private final Optional<Verdict> known;
        private final Plan plan;

        private Before(Job job) {
            this.job = job;
            this.known = judged.known(job.id(), job.version());
            this.plan = known.map(Verdict::plan).orElseGet(() -> plans.load(job.id()));
        }

        Plan plan() {
            return plan;
        }

        Verdict verdict() {
            return known.orElseGet(() -> judged.remember(job.id(), job.version(), Verdict.of(plan)));
        }
    }

    private Before before(Job job) {
        return new Before(job);
    }

    /** What would be thought of the plan after a change; saves nothing, and judges without a connection. */
    public Verdict preview(UUID jobId, UUID ownerId, Change change) {
        Verdict present = judged.current(jobId, ownerId).verdict();
        return Verdict.of(present.plan().apply(change));
    }

    /** What a gesture would propose, and that the plan would take it; saves nothing, and thinks without a connection. */
    public Proposal look(UUID jobId, UUID ownerId, SignedIn who, Function<GestureContext, Proposal> gesture) {
        Plan plan = judged.current(jobId, ownerId).verdict().plan();
        Proposal proposal = gesture.apply(context(jobId, plan, who));
        plan.apply(proposal.change());
        return proposal;
    }

    /** Takes back the person's last edit that still stands. */
    @Transactional
    public Outcome undo(UUID jobId, SignedIn who, Optional<UUID> editId) {
        Job job = jobs.lock(jobId).orElseThrow();
        return made(job, who, editId).orElseGet(() -> {
            Revisions.Step step =
                    history(jobId, who).undo().orElseThrow(() -> new EditRefused("There is nothing to undo."));
            Proposal inverse = Proposal.of("Undo: " + step.label(), inverse(job, step));
            return save(job, who, before(job), new Edit(editId, inverse, step.version(), null));
        });
    }

    /** Does again what the person last took back. */
    @Transactional
    public Outcome redo(UUID jobId, SignedIn who, Optional<UUID> editId) {
        Job job = jobs.lock(jobId).orElseThrow();
        return made(job, who, editId).orElseGet(() -> {
            Revisions.Step step =
                    history(jobId, who).redo().orElseThrow(() -> new EditRefused("There is nothing to redo."));
            Proposal inverse = Proposal.of(step.label().replaceFirst("^Undo: ", ""), inverse(job, step));
            return save(job, who, before(job), new Edit(editId, inverse, null, step.version()));
        });
    }

    private Change inverse(Job job, Revisions.Step step) {
        Revision revision =
                revisions.findByJobIdAndVersion(job.id(), step.version()).orElseThrow();
        return ChangeJson.read(revision.changes()).inverse();
    }

    /** What others did since a version, in a sentence; empty when nobody else did anything. */
    public String newsSince(UUID jobId, long version, SignedIn who) {
        List<Revisions.Others> others = revisions.ofOthersSince(jobId, version, who.id());
        if (others.isEmpty()) {
            return "";
        }
        Revisions.Others last = others.get(others.size() - 1);
        String more = others.size() > 1 ? ", and %d more".formatted(others.size() - 1) : "";
        return "%s: %s%s".formatted(last.who(), last.label(), more);
    }

    /** What the person can undo and redo. One query: a transaction around it would be six ways to the database and not one. */
    public History history(UUID jobId, SignedIn who) {
        return History.of(revisions.stepsOf(jobId, who.id()));
    }

    /**
     * What is about to be stored.
     *
     * @param undoes the version that it takes back, or null
     * @param redoes the undo that it takes back, or null
     */
    private record Edit(Optional<UUID> id, Proposal proposal, Long undoes, Long redoes) {}

    /** Judges first and stores then: what cannot be judged would make every page of the job fail. */
    private Outcome save(Job job, SignedIn who, Before before, Edit edit) {
        Change change = edit.proposal().change();
        Plan after = applied(job.id(), before.plan(), change);
        Verdict verdict = judged(after);
        claimCodes(job.id(), change);
        plans.update(job.id(), before.plan(), after);
        long version = job.advance(clock.instant());
        jobs.save(job);
        revisions.save(new Revision(
                new Revision.Key(job.id(), version),
                who.id(),
                new Revision.Said(
                        clock.instant(),
                        Wording.shortened(edit.proposal().label(), LONGEST_LABEL),
                        edit.id().orElse(null),
                        ShownJson.write(edit.proposal().show())),
                edit.undoes(),
                edit.redoes(),
                ChangeJson.write(change)));
        return new Outcome(version, verdict, edit.proposal());
    }

    private static Verdict judged(Plan after) {
        try {
            return Verdict.of(after);
        } catch (RuntimeException broken) {
            LOG.error("A plan could not be judged; the edit was not stored", broken);
            throw new EditRefused(
                    "With this the plan could no longer be worked out, so it was not changed. Look for a value that cannot be meant.");
        }
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

    private GestureContext context(UUID jobId, Plan plan, SignedIn who) {
        return new GestureContext(jobId, plan, new Codes(codes.everGiven(jobId)), UUID::randomUUID, who.id());
    }
}
