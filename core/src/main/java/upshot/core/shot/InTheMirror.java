package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Device;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;
import upshot.core.plan.Viewpoint;

/**
 * A mirror or a pane shows the camera and whoever works it.
 *
 * <p>A surface shows the camera where the view meets it square: the camera's image stands on the surface's normal, as
 * far behind it as the camera is in front. The surface is taken to stand across the subject's direction, a mirror at
 * the background behind it and the pane of a view from inside halfway to it. The operator is half a metre wide.
 */
final class InTheMirror implements ShotRule {

    /** The pane or mirror lies along the spot, and the subject is where counting begins. */
    private static final Corner SUBJECT = new Corner(0, 0);

    private static final double HALF_AN_OPERATOR_M = 0.25;
    private static final double NEAREST_M = 0.5;

    @Override
    public String id() {
        return "reflection";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "In the mirror",
                "No mirror and no pane shows the camera and whoever works it.",
                "What meets the view square sends it back.",
                RuleCard.Source.GEOMETRY,
                Bound.of("half an operator", HALF_AN_OPERATOR_M, "m"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return shows(plan, shot) ? Optional.of(finding(plan, shot)) : Optional.empty();
    }

    private static boolean shows(Around plan, Shot shot) {
        if (!pane(shot) && !shot.devices().tags().contains(Device.REFLECTION)) {
            return false;
        }
        Stand stand = Stand.of(plan, shot);
        double upwards = Degrees.atan(stand.sensor().heightMm() / (2 * shot.focalLengthMm()));
        return offSquareDeg(shot) <= limitDeg(plan, shot) && Math.abs(stand.elevationDeg()) <= upwards;
    }

    private Finding finding(Around plan, Shot shot) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "The camera is in the picture.",
                new Measured(offSquareDeg(shot), limitDeg(plan, shot), Quantity.DEGREES),
                "It looks at the %s %s off square; within %s it shows the camera and its operator."
                        .formatted(
                                pane(shot) ? "pane" : "mirror",
                                Wording.degrees(offSquareDeg(shot)),
                                Wording.degrees(limitDeg(plan, shot))),
                OtherBearing.smallest(plan, shot, turned -> !shows(plan, turned)).stream()
                        .map(bearing -> new Mend(
                                "Shoot from %s".formatted(Wording.place(bearing)),
                                Change.edit(shot, one -> one.withBearingDeg(bearing))))
                        .toList());
    }

    private static boolean pane(Shot shot) {
        return shot.viewpoint() == Viewpoint.INSIDE_OUT;
    }

    private static double offSquareDeg(Shot shot) {
        double off = shot.bearingDeg() % 180;
        return Math.min(off, 180 - off);
    }

    /** Half the field and half an operator, as far away as the image is. */
    private static double limitDeg(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        double along = Math.abs(stand.camera(SUBJECT, shot.bearingDeg()).deepM());
        double backdrop = plan.spotOf(plan.actionOf(shot)).backdropM();
        double towards = Math.max(NEAREST_M, pane(shot) ? along / 2 : along + backdrop);
        return stand.sensor().fieldOfViewDeg(shot.focalLengthMm()) / 2
                + Degrees.atan(HALF_AN_OPERATOR_M / (2 * towards));
    }
}
