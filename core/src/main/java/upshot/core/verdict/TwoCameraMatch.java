package upshot.core.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Likeness;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.order.DayPlan;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;

/**
 * Bodies that roll one run together agree on rate, shutter and light, differ in size or angle enough to cut, and neither
 * stands in the other's picture, unless the note of one says that it is masked in the edit: else a watch.
 */
public final class TwoCameraMatch implements Rule {

    private static final String ID = "two-camera-match";
    private static final String MASKED = "mask in the edit";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Two cameras on one run",
                "Cameras that roll together agree on rate, shutter and light, frame differently enough to cut, and neither stands in the other's picture.",
                "Between their pictures the editor cuts within one movement, where every difference is seen.",
                RuleCard.Source.TRADE,
                RuleCard.Bound.of("unlike from", Likeness.CLEAR_FROM, "of what is clear"));
    }

    /** Findings on a setup that rolls along with those before it; none where it rolls alone. */
    public static List<Finding> of(Verdict verdict, DayPlan.Slot slot) {
        List<Finding> findings = new ArrayList<>();
        List<DayPlan.Slot> crew = verdict.day().slotsOf(slot.crew());
        for (int at = crew.indexOf(slot); at > 0 && crew.get(at).state().rollsAlong(); at--) {
            Shot other = crew.get(at - 1).setup().first();
            findings.addAll(between(verdict.plan(), other, slot.setup().first()));
        }
        return findings;
    }

    static List<Finding> between(Plan plan, Shot one, Shot other) {
        List<Finding> findings = new ArrayList<>();
        double rates = one.captureRate().over(other.captureRate());
        if (rates != 1) {
            findings.add(watch(
                    one,
                    other,
                    "Two rates in one run.",
                    new Measured(
                            other.captureRate().perSecond(), one.captureRate().perSecond(), Quantity.FRAMES_PER_SECOND),
                    "%s records %s and %s %s frames a second: they will not cut together at speed."
                            .formatted(
                                    one.code(),
                                    one.captureRate().label(),
                                    other.code(),
                                    other.captureRate().label())));
        }
        double shutter = ShotNumbers.of(plan, one).shutter().angleDeg(one.captureRate());
        double against = ShotNumbers.of(plan, other).shutter().angleDeg(other.captureRate());
        if (Math.abs(shutter - against) > 1) {
            findings.add(watch(
                    one,
                    other,
                    "Two shutters in one run.",
                    new Measured(against, shutter, Quantity.DEGREES),
                    "The shutter of %s is open %s and that of %s %s: movement will look different."
                            .formatted(one.code(), Wording.degrees(shutter), other.code(), Wording.degrees(against))));
        }
        if (one.lampsOff() != other.lampsOff()) {
            findings.add(watch(
                    one,
                    other,
                    "Two lights in one run.",
                    Measured.unwanted(),
                    "One of %s and %s wants the lamps off and the other on; set one white balance for both."
                            .formatted(one.code(), other.code())));
        }
        Likeness likeness = Likeness.between(plan, one, other);
        if (likeness.sameAim() && !likeness.clear()) {
            findings.add(watch(
                    one,
                    other,
                    "Two cameras, one picture.",
                    new Measured(likeness.apart(), Likeness.CLEAR_FROM, Quantity.SHARE),
                    "%s and %s turn %s and step %s times: too alike to cut between."
                            .formatted(
                                    one.code(),
                                    other.code(),
                                    Wording.degrees(likeness.angleDeg()),
                                    Wording.number(likeness.ratio(), 2))));
        }
        inThePicture(plan, one, other, findings);
        inThePicture(plan, other, one, findings);
        return findings;
    }

    private static void inThePicture(Plan plan, Shot looking, Shot seen, List<Finding> findings) {
        if ((looking.note() + seen.note()).toLowerCase(Locale.ROOT).contains(MASKED)) {
            return;
        }
        double half = Stand.of(plan, looking).wedgeDeg(plan) / 2;
        double off = offAxisDeg(plan, looking, seen);
        if (off <= half) {
            findings.add(watch(
                    looking,
                    seen,
                    "A camera in the picture.",
                    new Measured(off, half, Quantity.DEGREES),
                    "The camera of %s stands %s off the middle of what %s sees, which reaches %s to each side. Move one, or note “%s” on it."
                            .formatted(
                                    seen.code(), Wording.degrees(off), looking.code(), Wording.degrees(half), MASKED)));
        }
    }

    /** How far a camera is off the middle of another's view, seen from above with the subject at the middle. */
    static double offAxisDeg(Plan plan, Shot looking, Shot seen) {
        Corner middle = new Corner(0, 0);
        Corner eye = Stand.of(plan, looking).camera(middle, looking.bearingDeg());
        Corner other = Stand.of(plan, seen).camera(middle, seen.bearingDeg());
        double ax = -eye.acrossM();
        double ay = -eye.deepM();
        double bx = other.acrossM() - eye.acrossM();
        double by = other.deepM() - eye.deepM();
        double lengths = Math.hypot(ax, ay) * Math.hypot(bx, by);
        return lengths == 0 ? 0 : Degrees.acos((ax * bx + ay * by) / lengths);
    }

    private static Finding watch(Shot one, Shot other, String title, Measured measured, String why) {
        return new Finding(ID, Status.WATCH, List.of(one.id(), other.id()), title, measured, why, List.of());
    }
}
