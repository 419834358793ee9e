package upshot.core;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import upshot.core.finding.Finding;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Codes;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameRates;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Lens;
import upshot.core.plan.Line;
import upshot.core.plan.Mode;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.plan.Use;

/** A small plan put together piece by piece, with ids counted up so that every run sees the same ones. */
public final class SamplePlan {

    private final List<PlanRecord> records = new ArrayList<>();
    private final List<Action> actions = new ArrayList<>();
    private int counter;
    private int places;
    private Brief brief;
    private final StoryBeat beat;
    private final StoryBeat nextBeat;
    private final Spot spot;
    private final Spot nextSpot;
    private final Subject person;
    private final Subject otherPerson;
    private final Subject object;

    public SamplePlan() {
        brief = Brief.draft(id(), "Sample");
        beat = add(StoryBeat.of(id(), "Body", 1, StoryBeat.Role.BODY));
        nextBeat = add(StoryBeat.of(id(), "Ending", 2, StoryBeat.Role.ENDING));
        spot = add(Spot.draft(id(), "Hall").with("roomM", 20.0).with("backdropM", 3.0));
        nextSpot = add(Spot.draft(id(), "Yard")
                .with("rank", 2.0)
                .with("outdoors", true)
                .with("roomM", 30.0)
                .with("backdropM", 8.0));
        person = add(Subject.person(id(), "Ada"));
        otherPerson = add(Subject.person(id(), "Ben"));
        object = add(Subject.object(id(), "Jar", 0.4, 0.3, 0.3));
        Body body = add(Body.draft(id(), "Body"));
        add(new Mode(
                id(),
                body.id(),
                "4K",
                1,
                3840,
                2160,
                FrameRates.parse("24, 25, 29.97, 30, 50, 60, 120"),
                24.9,
                14.0,
                100,
                true));
        add(HouseRules.usual(id()));
        for (int focal : new int[] {24, 35, 50, 85}) {
            add(Lens.fixed(id(), focal + " mm", focal, 1.8, 0.3));
        }
    }

    public UUID id() {
        counter++;
        return new UUID(0x0123_4567_89ab_4000L, 0x8000_0000_0000_0000L | counter);
    }

    private <R extends PlanRecord> R add(R added) {
        records.add(added);
        return added;
    }

    public SamplePlan brief(String field, Object value) {
        brief = RecordKind.BRIEF.with(brief, field, value);
        return this;
    }

    /** A travelling action of the person in the hall, changed as wished. */
    public Action action(UnaryOperator<Action> change) {
        String prefix = Codes.prefixFor(
                "Action " + counter, actions.stream().map(Action::codePrefix).toList());
        Action drafted = Action.draft(id(), beat.id(), spot.id(), person.id(), prefix, "Ada crosses " + prefix)
                .with("rank", ++places * Ranks.STEP)
                .with("line", Line.TRAVEL);
        Action action = change.apply(drafted);
        actions.add(action);
        return add(action);
    }

    public Action action() {
        return action(drafted -> drafted);
    }

    public Shot shot(Action action, UnaryOperator<Shot> change) {
        places++;
        Shot drafted = Shot.draft(id(), action.id(), action.codePrefix() + places, brief.rate())
                .with("rank", places * Ranks.STEP);
        return add(change.apply(drafted));
    }

    public Shot shot(Action action, double bearingDeg) {
        return shot(action, drafted -> drafted.with("bearingDeg", bearingDeg));
    }

    public Performer performer(Action action, UUID subjectId) {
        return add(Performer.of(id(), action.id(), subjectId, ++places));
    }

    public Use use(Shot shot, Entry entry) {
        places++;
        return add(Use.cut(id(), shot.id(), places * Ranks.STEP, 24).with("entry", entry));
    }

    public Use use(Shot shot, int frames) {
        places++;
        return add(Use.cut(id(), shot.id(), places * Ranks.STEP, frames));
    }

    public Use use(Shot shot) {
        return use(shot, Entry.STRAIGHT);
    }

    public UUID nextBeat() {
        return nextBeat.id();
    }

    public UUID nextSpot() {
        return nextSpot.id();
    }

    public UUID otherPerson() {
        return otherPerson.id();
    }

    public UUID object() {
        return object.id();
    }

    /** "title value of limit.", as tests hold findings to their figures. */
    public static String measured(Finding finding) {
        return "%s %s of %s."
                .formatted(
                        finding.title(),
                        Wording.number(finding.measured().value(), 3),
                        Wording.number(finding.measured().limit(), 3));
    }

    public Plan build() {
        List<PlanRecord> all = new ArrayList<>(records);
        all.add(brief);
        return Plan.of(all);
    }
}
