package upshot.core.frame;

import java.util.List;
import upshot.core.plan.UseCrop;

/** What a use shows of a picture: a part of it as large as the frame, and its mirror image where it is flipped. */
public final class Cropped {

    private final UseCrop crop;
    private final double aspect;
    private final double left;
    private final double top;

    /**
     * @param aspect the picture's width, its height being 1
     */
    public Cropped(UseCrop crop, double aspect) {
        this.crop = crop;
        this.aspect = aspect;
        double hidden = (1 - 1 / crop.cropZoom()) / 2;
        this.left = hidden * (1 + crop.cropAcross()) * aspect;
        this.top = hidden * (1 + crop.cropDown());
    }

    public List<Shape> shapes(List<Shape> picture) {
        return crop.equals(UseCrop.NONE)
                ? picture
                : picture.stream()
                        .map(shape -> shape.through(this::point, crop.cropZoom()))
                        .toList();
    }

    /** Where a point of the picture is in the frame, which may be outside of it. */
    public FramePoint point(FramePoint point) {
        double u = (point.u() - left) * crop.cropZoom();
        return new FramePoint(crop.flipped() ? aspect - u : u, (point.v() - top) * crop.cropZoom());
    }
}
