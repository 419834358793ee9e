package upshot.exchange.svg;

import java.util.List;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Shape;

/** The shapes of a drawn frame as the few marks that a {@link Pen} makes. */
public final class Marks {

    private static final String LANE_YELLOW = "#ffc629";
    private static final String INK = "#172026";
    private static final double HALO_WIDTH = 9 / 360.0;
    private static final double RING_WIDTH = 6 / 360.0;
    private static final double HALO_OPACITY = 0.35;

    private final Pen pen;
    private final double signs;

    /**
     * @param aspect of the frame: in a narrow one arrows are drawn smaller
     */
    public Marks(Pen pen, double aspect) {
        this.pen = pen;
        this.signs = Math.min(1, 0.3 + aspect * 0.7);
    }

    public void draw(List<Shape> shapes) {
        shapes.forEach(this::draw);
    }

    void draw(Shape shape) {
        if (shape instanceof Shape.Area area) {
            // A turned object is made of bands: a hair of its own colour closes the seams between them.
            pen.area(area.corners(), colour(area.role()), area.role() == Shape.Role.OBJECT);
        } else if (shape instanceof Shape.Stroke stroke) {
            pen.line(stroke.from(), stroke.to(), stroke.width(), colour(stroke.role()));
        } else if (shape instanceof Shape.Disc disc) {
            pen.disc(disc.centre(), disc.radius(), colour(disc.role()));
        } else if (shape instanceof Shape.Ring ring) {
            pen.ring(ring.centre(), ring.radius(), HALO_WIDTH, INK, HALO_OPACITY);
            pen.ring(ring.centre(), ring.radius(), RING_WIDTH, LANE_YELLOW, 1);
        } else if (shape instanceof Shape.Arrow arrow) {
            arrow(arrow, 0.045 * signs, "#ffffff");
            arrow(arrow, 0.022 * signs, colour(arrow.role()));
        }
    }

    /** The head's two strokes are turned from the way the arrow goes. */
    private void arrow(Shape.Arrow arrow, double width, String colour) {
        FramePoint tip = arrow.to();
        double alongU = tip.u() - arrow.from().u();
        double alongV = tip.v() - arrow.from().v();
        double length = Math.max(1e-6, Math.hypot(alongU, alongV));
        double head = Math.min(0.055, length * 0.45);
        double u = alongU / length * head;
        double v = alongV / length * head;
        pen.line(arrow.from(), tip, width, colour);
        pen.line(new FramePoint(tip.u() - u - v * 0.82, tip.v() - v + u * 0.82), tip, width, colour);
        pen.line(new FramePoint(tip.u() - u + v * 0.82, tip.v() - v - u * 0.82), tip, width, colour);
    }

    /** What a role is drawn with, as six hexadecimal figures. */
    public static String colour(Shape.Role role) {
        return switch (role) {
            case SKY -> "#dbe5e8";
            case WALL -> "#d5dedf";
            case GROUND -> "#bfcbc8";
            case SCENERY -> "#a8b6b6";
            case SCENERY_LIT -> "#b8c5c4";
            case BUILDING -> "#7b8f92";
            case BUILDING_LIT -> "#93a6a8";
            case ROOF -> "#586b70";
            case WINDOW -> "#e6eeee";
            case DOOR -> "#34444b";
            case PERSON_FAR -> "#3c4a54";
            case PERSON -> "#22303a";
            case SKIN -> "#55636b";
            case OBJECT, TRAVEL -> "#0b6a6c";
            case OBJECT_LIT -> "#2f8a8b";
            case FOREGROUND -> "#8d9b9b";
            case FOREGROUND_EDGE -> "#2b343a";
            case MOVE -> "#172026";
            case LIGHT -> "#d98e00";
            case EYE -> LANE_YELLOW;
        };
    }
}
