package upshot.core.joint;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Likeness;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.house.TellingSchool;
import upshot.core.house.Threshold;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.size.SubjectKind;

/**
 * Two framings of one subject that are too alike read as a slip of the film: a jump.
 *
 * <p>Clear from e = 1, watch from 0.75, else break; see {@link Likeness}. Two different people are a watch when they sit in
 * the frame so alike that one seems to turn into the other, but not in a montage; never two things. Not asked of a jump or
 * a match that is declared, of a ramp, which is one shot, nor where one picture goes over into the other.
 */
final class TooAlike implements MeetingRule {

    private static final Set<Entry> MEANT = EnumSet.of(Entry.JUMP, Entry.RAMP, Entry.MATCHED, Entry.POSITION);
    private static final double TWIN_RATIO = 1.15;
    private static final double TWIN_ANGLE_DEG = 15;
    private static final double TWIN_EYES = 0.1;

    @Override
    public String id() {
        return "too-alike";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Too alike",
                "Two pictures of one subject differ enough in angle or size.",
                "Nearly the same picture again reads as a slip of the film.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.ALIKE_ANGLE),
                Bound.of(Threshold.ALIKE_RATIO),
                Bound.of(Threshold.ALIKE_WATCH));
    }

    @Override
    public Optional<Finding> judge(Meeting meeting) {
        Entry entry = meeting.into().use().entry();
        if (MEANT.contains(entry) || entry.blends()) {
            return Optional.empty();
        }
        Likeness likeness =
                Likeness.between(meeting, meeting.atOut().view(), meeting.atIn().view());
        if (meeting.subjectOf(meeting.out().shot())
                .equals(meeting.subjectOf(meeting.into().shot()))) {
            return likeness.sameAim() ? Optional.of(sameSubject(meeting, likeness)) : Optional.empty();
        }
        return meeting.house().telling() == TellingSchool.MONTAGE ? Optional.empty() : twins(meeting, likeness);
    }

    private Finding sameSubject(Meeting meeting, Likeness likeness) {
        Status status = likeness.clear() ? Status.CLEAR : likeness.passes() ? Status.WATCH : Status.BREAK;
        String step = "The size steps %s times and the view turns %s; a step of %s or a turn of %s is enough alone."
                .formatted(
                        Wording.number(likeness.ratio(), 2),
                        Wording.degrees(likeness.angleDeg()),
                        Wording.number(meeting.threshold(Threshold.ALIKE_RATIO), 2),
                        Wording.degrees(meeting.threshold(Threshold.ALIKE_ANGLE)));
        String title = switch (status) {
            case CLEAR -> "Far enough apart.";
            case WATCH -> "Nearly too alike.";
            case BREAK -> "Too alike.";
        };
        return new Finding(
                id(),
                status,
                subject(meeting),
                title,
                new Measured(likeness.apart(), Likeness.CLEAR_FROM, Quantity.SHARE),
                status == Status.CLEAR ? step : step + " The cut will look like a slip.",
                status == Status.CLEAR ? List.of() : Mends.later(() -> mends(meeting)));
    }

    private Optional<Finding> twins(Meeting meeting, Likeness likeness) {
        boolean people = person(meeting, meeting.out()) && person(meeting, meeting.into());
        double eyes = Math.hypot(
                meeting.atOut().eye().u() - meeting.atIn().eye().u(),
                meeting.atOut().eye().v() - meeting.atIn().eye().v());
        boolean alike = likeness.ratio() < TWIN_RATIO
                && likeness.angleDeg() < TWIN_ANGLE_DEG - Likeness.ROUNDING
                && eyes <= TWIN_EYES + Likeness.ROUNDING;
        if (!people || !alike) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                subject(meeting),
                "One seems to turn into the other.",
                new Measured(likeness.angleDeg(), TWIN_ANGLE_DEG, Quantity.DEGREES),
                "Two people sit at the same place in frames of the same size, seen from %s apart."
                        .formatted(Wording.degrees(likeness.angleDeg())),
                Mends.later(() -> List.of(new Mend(
                        "Mark as matched", Change.edit(meeting.into().use(), one -> one.withEntry(Entry.MATCHED)))))));
    }

    private static boolean person(Meeting meeting, Picture picture) {
        return meeting.subjectOf(picture.shot()).kind() == SubjectKind.PERSON
                && !Stand.of(picture.around(), picture.shot()).aim().faceless();
    }

    private static List<UUID> subject(Meeting meeting) {
        return List.of(meeting.out().use().id(), meeting.into().use().id());
    }

    private static List<Mend> mends(Meeting meeting) {
        List<Mend> mends = new ArrayList<>();
        Shot turned = meeting.into().shot();
        if (!meeting.out().shot().equals(turned)) {
            OtherBearing.smallest(meeting, turned, candidate -> clear(meeting, candidate))
                    .ifPresent(bearing -> mends.add(new Mend(
                            "Shoot %s from %s".formatted(turned.code(), Wording.place(bearing)),
                            Change.edit(turned, one -> one.withBearingDeg(bearing)))));
            otherSize(meeting, turned)
                    .ifPresent(size -> mends.add(new Mend(
                            "Make %s %s".formatted(turned.code(), Wording.one(size.label())),
                            Change.edit(turned, one -> one.withSize(size)))));
        }
        mends.add(new Mend(
                "Mark as a jump on purpose", Change.edit(meeting.into().use(), one -> one.withEntry(Entry.JUMP))));
        return mends;
    }

    private static boolean clear(Meeting meeting, Shot instead) {
        return Likeness.between(
                        meeting, meeting.atOut().view(), meeting.atIn(instead).view())
                .clear();
    }

    /** The size nearest on the ladder, within the same class first, that cuts with the neighbour. */
    private static Optional<Size> otherSize(Meeting meeting, Shot resized) {
        int rung = resized.size().ordinal();
        List<Size> ladder = new ArrayList<>(List.of(Size.values()));
        ladder.remove(Size.INSERT);
        ladder.remove(resized.size());
        ladder.sort((one, other) -> Integer.compare(Math.abs(one.ordinal() - rung), Math.abs(other.ordinal() - rung)));
        return ladder.stream()
                .filter(size -> clear(meeting, resized.withSize(size)))
                .findFirst();
    }
}
