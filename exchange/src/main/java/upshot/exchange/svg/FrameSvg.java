package upshot.exchange.svg;

import java.util.List;
import java.util.stream.Collectors;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Shape;

/**
 * Renders a drawn frame. Colours are presentation attributes, so that the same text serves a page under a strict
 * content policy, a PDF and a file of its own.
 */
public final class FrameSvg {

    /** Frame heights become this many units of the view box, coarse enough for short numbers. */
    private static final double UNITS = 360;

    private static final String LANE_YELLOW = "#ffc629";

    private FrameSvg() {}

    /**
     * @param title said to those who cannot see it
     */
    public static String render(DrawnFrame frame, String title) {
        StringBuilder svg = new StringBuilder(4096);
        svg.append("<svg class=\"frame")
                .append(frame.aspect() < 1 ? " frame-upright" : "")
                .append("\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(number(frame.aspect()))
                .append(' ')
                .append(number(1))
                .append("\" preserveAspectRatio=\"xMidYMid ")
                // A wide picture may lose its sides in a narrow place; an upright one is shown whole.
                .append(frame.aspect() < 1 ? "meet" : "slice")
                .append("\" role=\"img\" aria-label=\"")
                .append(escape(title))
                .append("\">");
        // An inner drawing cuts off what lies outside the frame, also where the place is wider than it.
        svg.append("<svg width=\"")
                .append(number(frame.aspect()))
                .append("\" height=\"")
                .append(number(1))
                .append("\">");
        double signs = Math.min(1, 0.3 + frame.aspect() * 0.7);
        frame.shapes().forEach(shape -> append(svg, shape, signs));
        return svg.append("</svg></svg>").toString();
    }

    /**
     * Two frames laid over each other, the second half transparent, with the way of the eye from one to the other.
     *
     * @param title said to those who cannot see it
     */
    public static String over(DrawnFrame out, DrawnFrame into, String title) {
        double aspect = out.aspect();
        double signs = Math.min(1, 0.3 + aspect * 0.7);
        StringBuilder svg = new StringBuilder(8192);
        svg.append("<svg class=\"frame frame-over\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(number(aspect))
                .append(' ')
                .append(number(1))
                .append("\" role=\"img\" aria-label=\"")
                .append(escape(title))
                .append("\">");
        pictures(out).forEach(shape -> append(svg, shape, signs));
        svg.append("<g opacity=\"0.5\">");
        pictures(into).forEach(shape -> append(svg, shape, signs));
        svg.append("</g>");
        append(svg, new Shape.Ring(Shape.Role.EYE, out.eye(), 0.03), signs);
        append(svg, new Shape.Ring(Shape.Role.EYE, into.eye(), 0.055), signs);
        if (Math.hypot(
                        out.eye().u() - into.eye().u(),
                        out.eye().v() - into.eye().v())
                > 0.02) {
            append(svg, new Shape.Arrow(Shape.Role.MOVE, out.eye(), into.eye()), signs);
        }
        return svg.append("</svg>").toString();
    }

    private static List<Shape> pictures(DrawnFrame frame) {
        return frame.shapes().stream()
                .filter(shape -> !(shape instanceof Shape.Ring) && !(shape instanceof Shape.Arrow))
                .toList();
    }

    /**
     * @param signs how large arrows are drawn, 1 in a wide frame
     */
    private static void append(StringBuilder svg, Shape shape, double signs) {
        if (shape instanceof Shape.Area area) {
            svg.append("<polygon points=\"")
                    .append(area.corners().stream().map(FrameSvg::pair).collect(Collectors.joining(" ")))
                    .append("\" fill=\"")
                    .append(colour(area.role()));
            if (area.role() == Shape.Role.OBJECT) {
                // A turned object is made of bands: a hair of its own colour closes the seams between them.
                svg.append("\" stroke-width=\"1\" stroke=\"").append(colour(area.role()));
            }
            svg.append("\"/>");
        } else if (shape instanceof Shape.Stroke stroke) {
            line(svg, stroke.from(), stroke.to(), stroke.width(), colour(stroke.role()));
        } else if (shape instanceof Shape.Disc disc) {
            circle(svg, disc.centre(), disc.radius(), "fill=\"" + colour(disc.role()) + "\"");
        } else if (shape instanceof Shape.Ring ring) {
            circle(
                    svg,
                    ring.centre(),
                    ring.radius(),
                    "fill=\"none\" stroke=\"#172026\" stroke-width=\"9\" stroke-opacity=\"0.35\"");
            circle(
                    svg,
                    ring.centre(),
                    ring.radius(),
                    "fill=\"none\" stroke=\"" + LANE_YELLOW + "\" stroke-width=\"6\"");
        } else if (shape instanceof Shape.Arrow arrow) {
            arrow(svg, arrow, 0.045 * signs, "#ffffff");
            arrow(svg, arrow, 0.022 * signs, colour(arrow.role()));
        }
    }

    /** The head's two strokes are turned from the way the arrow goes. */
    private static void arrow(StringBuilder svg, Shape.Arrow arrow, double width, String colour) {
        FramePoint tip = arrow.to();
        double alongU = tip.u() - arrow.from().u();
        double alongV = tip.v() - arrow.from().v();
        double length = Math.max(1e-6, Math.hypot(alongU, alongV));
        double head = Math.min(0.055, length * 0.45);
        double u = alongU / length * head;
        double v = alongV / length * head;
        line(svg, arrow.from(), tip, width, colour);
        line(svg, new FramePoint(tip.u() - u - v * 0.82, tip.v() - v + u * 0.82), tip, width, colour);
        line(svg, new FramePoint(tip.u() - u + v * 0.82, tip.v() - v - u * 0.82), tip, width, colour);
    }

    private static void line(StringBuilder svg, FramePoint from, FramePoint to, double width, String colour) {
        svg.append("<line x1=\"")
                .append(number(from.u()))
                .append("\" y1=\"")
                .append(number(from.v()))
                .append("\" x2=\"")
                .append(number(to.u()))
                .append("\" y2=\"")
                .append(number(to.v()))
                .append("\" stroke=\"")
                .append(colour)
                .append("\" stroke-width=\"")
                .append(number(width))
                .append("\" stroke-linecap=\"round\"/>");
    }

    private static void circle(StringBuilder svg, FramePoint centre, double radius, String paint) {
        svg.append("<circle cx=\"")
                .append(number(centre.u()))
                .append("\" cy=\"")
                .append(number(centre.v()))
                .append("\" r=\"")
                .append(number(radius))
                .append("\" ")
                .append(paint)
                .append("/>");
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

    private static String pair(FramePoint point) {
        return number(point.u()) + "," + number(point.v());
    }

    /** Tenths by hand: a page holds tens of thousands of these, and a formatter takes longer than all the rest. */
    private static String number(double frameHeights) {
        long tenths = Math.round(frameHeights * UNITS * 10);
        long whole = Math.abs(tenths) / 10;
        long rest = Math.abs(tenths) % 10;
        String sign = tenths < 0 ? "-" : "";
        return rest == 0 ? sign + whole : sign + whole + "." + rest;
    }

    /** A text as it may stand in markup and in quoted attributes. */
    public static String escape(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
