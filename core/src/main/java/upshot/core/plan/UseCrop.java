package upshot.core.plan;

import static upshot.core.plan.Check.range;

/**
 * What of the recorded picture a use shows.
 *
 * @param cropZoom how far it is cut out of the shot's own picture, 1 to 8; 1 for the whole
 * @param cropAcross where, −1 at the left edge to 1 at the right, 0 in the middle
 * @param cropDown where, −1 at the upper edge to 1 at the lower
 * @param flipped whether left and right are exchanged: travel turns round, and writing reads backwards
 */
public record UseCrop(double cropZoom, double cropAcross, double cropDown, boolean flipped) implements Part {

    /** The whole picture as it was taken. */
    public static final UseCrop NONE = new UseCrop(1, 0, 0, false);

    public UseCrop {
        cropZoom = range("cropZoom", "crop", cropZoom, 1, 8, "×");
        cropAcross = range("cropAcross", "place of the crop across", cropAcross, -1, 1, "");
        cropDown = range("cropDown", "place of the crop down", cropDown, -1, 1, "");
    }

    UseCrop withCropZoom(double cropZoom) {
        return new UseCrop(cropZoom, cropAcross, cropDown, flipped);
    }

    UseCrop withCropAcross(double cropAcross) {
        return new UseCrop(cropZoom, cropAcross, cropDown, flipped);
    }

    UseCrop withCropDown(double cropDown) {
        return new UseCrop(cropZoom, cropAcross, cropDown, flipped);
    }

    UseCrop withFlipped(boolean flipped) {
        return new UseCrop(cropZoom, cropAcross, cropDown, flipped);
    }
}
