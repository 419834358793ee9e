package upshot.core.joint;

import java.util.List;
import java.util.OptionalInt;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.order.Rolls;
import upshot.core.plan.View;

/** Two uses that meet, with what was last said of them, and of how much beside them that was said. */
final class Joint extends View {

    private static final Said NOTHING = new Said(
            new OfPast(new Past.Seen(List.of()), List.of()),
            new OfDay(OptionalInt.empty(), OptionalInt.empty(), List.of()),
            List.of());

    private final Meeting meeting;
    private volatile Said last = NOTHING;

    private record OfMeeting(List<Finding> findings) {}

    private record OfPast(Past.Seen seen, List<Finding> findings) {}

    private record OfDay(OptionalInt outMin, OptionalInt intoMin, List<Finding> findings) {}

    private record Said(OfPast past, OfDay day, List<Finding> all) {}

    private Joint(Meeting meeting) {
        this.meeting = meeting;
    }

    static Joint of(PaperCut cut, int joint) {
        Placed out = cut.outOf(joint);
        return new Joint(new Meeting(out.picture(), cut.into(joint).picture()));
    }

    /** Whether nobody sees a cut there. */
    private boolean goesOn() {
        return meeting.into().goesOnFrom(meeting.out());
    }

    /** What the rules say of it that look at the two uses alone. */
    List<Finding> ofMeeting() {
        return goesOn()
                ? List.of()
                : remember(OfMeeting.class, () -> new OfMeeting(JointRules.meeting(meeting)))
                        .findings();
    }

    /** What every rule says, worst first; what still holds of what was said last is not asked again. */
    List<Finding> said(PaperCut cut, int joint, Rolls rolls) {
        if (goesOn()) {
            return List.of();
        }
        Said known = last;
        OfPast past = past(cut, joint, known.past);
        OfDay day = day(rolls, known.day);
        if (known == NOTHING || past != known.past || day != known.day) {
            known = new Said(past, day, JointRules.worstFirst(ofMeeting(), past.findings, day.findings));
            last = known;
        }
        return known.all;
    }

    private OfPast past(PaperCut cut, int joint, OfPast known) {
        if (known != NOTHING.past && known.seen.isFrom(cut, joint)) {
            return known;
        }
        Past past = new Past(cut, joint);
        List<Finding> findings = JointRules.past(meeting, past);
        return new OfPast(past.seen(), findings);
    }

    private OfDay day(Rolls rolls, OfDay known) {
        if (!JointRules.asksDay(meeting)) {
            return NOTHING.day;
        }
        OptionalInt out = rolls.of(meeting.out().shot());
        OptionalInt into = rolls.of(meeting.into().shot());
        if (known.outMin.equals(out) && known.intoMin.equals(into)) {
            return known;
        }
        return new OfDay(out, into, JointRules.day(meeting, out, into));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Joint that && meeting.equals(that.meeting);
    }

    @Override
    public int hashCode() {
        return meeting.hashCode();
    }
}
