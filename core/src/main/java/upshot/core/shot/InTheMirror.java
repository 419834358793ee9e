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
import upshot.core.ground.MirrorImage;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Device;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;
import upshot.core.plan.Stretch;
import upshot.core.plan.Viewpoint;

/**
 * A mirror or a pane shows the camera and whoever works it.
 *
 * <p>A surface shows the camera where the view meets it square: the camera's image stands on the surface's normal, as
 * far behind it as the camera is in front. Mirrors that the plan shows
 * stand where they are drawn; one that is only spoken of is taken to stand across the subject's direction, a mirror at
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
        return shows(plan, shot) ? seen(plan, shot).map(image -> finding(plan, shot, image)) : Optional.empty();
    }

    private static boolean shows(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        double upwards = Degrees.atan(stand.sensor().heightMm() / (2 * shot.focalLengthMm()));
        return Math.abs(stand.elevationDeg()) <= upwards && seen(plan, shot).isPresent();
    }

    /**
     * Where the camera's image is.
     *
     * @param words for what shows it and how far off it is
     * @param offDeg off the middle of the view, or off square where nobody has drawn the surface
     * @param limitDeg up to which it is in the picture
     */
    private record Image(String words, double offDeg, double limitDeg) {}

    /** In what the plan shows; where it shows no mirror, in the one that is spoken of. */
    private static Optional<Image> seen(Around plan, Shot shot) {
        Optional<Standpoint> camera = Standpoint.of(plan, shot)
                .filter(one -> one.plan().stretches().stream().anyMatch(part -> part.what() == Stretch.Kind.MIRROR));
        Optional<Image> image = camera.isPresent() && !pane(shot)
                ? camera.flatMap(one -> MirrorImage.of(one, shot.cameraHeightM(), HALF_AN_OPERATOR_M))
                        .map(one -> new Image(
                                "Its image in the %s stands %s off the middle"
                                        .formatted(one.mirror().label(), Wording.degrees(one.offViewDeg())),
                                one.offViewDeg(),
                                half(plan, shot) + Degrees.atan(HALF_AN_OPERATOR_M / one.apartM())))
                : assumed(plan, shot);
        return image.filter(one -> one.offDeg <= one.limitDeg);
    }

    private static Optional<Image> assumed(Around plan, Shot shot) {
        return pane(shot) || shot.devices().tags().contains(Device.REFLECTION)
                ? Optional.of(new Image(
                        "It looks at the %s %s off square"
                                .formatted(pane(shot) ? "pane" : "mirror", Wording.degrees(offSquareDeg(shot))),
                        offSquareDeg(shot),
                        limitDeg(plan, shot)))
                : Optional.empty();
    }

    private static double half(Around plan, Shot shot) {
        return Stand.of(plan, shot).sensor().fieldOfViewDeg(shot.focalLengthMm()) / 2;
    }

    private Finding finding(Around plan, Shot shot, Image image) {
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "The camera is in the picture.",
                new Measured(image.offDeg, image.limitDeg, Quantity.DEGREES),
                "%s; within %s it shows the camera and its operator."
                        .formatted(image.words, Wording.degrees(image.limitDeg)),
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
        return half(plan, shot) + Degrees.atan(HALF_AN_OPERATOR_M / (2 * towards));
    }
}
