package upshot.core.ground;

import java.util.Comparator;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Stretch;

/**
 * A camera's own image in a mirror of the plan: it stands where the normal through the camera meets the mirror, as far behind
 * it as the camera is in front.
 *
 * @param mirror that shows it
 * @param offViewDeg how far off the middle of the view
 * @param apartM from the camera to the image
 */
public record MirrorImage(Stretch mirror, double offViewDeg, double apartM) {

    private static final double NEAREST_M = 1e-3;

    /**
     * The image that stands nearest to the middle of the view; empty where no mirror shows one.
     *
     * @param heightM of the lens
     * @param halfM of whoever stands behind the camera, who reaches beyond the mirror's ends
     */
    public static Optional<MirrorImage> of(Standpoint camera, double heightM, double halfM) {
        return camera.plan().stretches().stream()
                .filter(one -> one.what() == Stretch.Kind.MIRROR)
                .filter(one -> heightM > one.sillM() - halfM && heightM < one.headM() + halfM)
                .flatMap(one -> in(one, camera, halfM).stream())
                .min(Comparator.comparingDouble(MirrorImage::offViewDeg));
    }

    private static Optional<MirrorImage> in(Stretch mirror, Standpoint camera, double halfM) {
        LineSegment surface =
                new LineSegment(mirror.fromAcrossM(), mirror.fromDeepM(), mirror.toAcrossM(), mirror.toDeepM());
        Coordinate eye = Shapes.coordinate(camera.at());
        double beyond = surface.getLength() == 0 ? 0 : halfM / surface.getLength();
        double along = surface.projectionFactor(eye);
        Corner foot = Shapes.corner(surface.project(eye));
        double towards = Place.apartM(camera.at(), foot);
        return along < -beyond || along > 1 + beyond || towards < NEAREST_M
                ? Optional.empty()
                : Optional.of(new MirrorImage(mirror, camera.offViewDeg(foot), 2 * towards));
    }
}
