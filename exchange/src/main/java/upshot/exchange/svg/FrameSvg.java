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

    /** The attribute that names the frame of a {@link #place}. */
    public static final String PLACE = "data-frame";

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
        new Marks(new SvgPen(svg), frame.aspect()).draw(frame.shapes());
        return svg.append("</svg></svg>").toString();
    }

    /**
     * The place of a frame on a page whose frames are drawn otherwise, as on paper.
     *
     * @param name by which the frame is known there
     * @param aspect its width, its height being 1
     * @param title said to those who cannot see it
     */
    public static String place(String name, double aspect, String title) {
        return "<svg class=\"frame%s\" xmlns=\"http://www.w3.org/2000/svg\" role=\"img\" aria-label=\"%s\" %s=\"%s\"></svg>"
                .formatted(aspect < 1 ? " frame-upright" : "", escape(title), PLACE, escape(name));
    }

    /**
     * Two frames laid over each other, the second half transparent, with the way of the eye from one to the other.
     *
     * @param title said to those who cannot see it
     */
    public static String over(DrawnFrame out, DrawnFrame into, String title) {
        double aspect = out.aspect();
        StringBuilder svg = new StringBuilder(8192);
        svg.append("<svg class=\"frame frame-over\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(number(aspect))
                .append(' ')
                .append(number(1))
                .append("\" role=\"img\" aria-label=\"")
                .append(escape(title))
                .append("\">");
        Marks marks = new Marks(new SvgPen(svg), aspect);
        marks.draw(pictures(out));
        svg.append("<g opacity=\"0.5\">");
        marks.draw(pictures(into));
        svg.append("</g>");
        marks.draw(new Shape.Ring(Shape.Role.EYE, out.eye(), 0.03));
        marks.draw(new Shape.Ring(Shape.Role.EYE, into.eye(), 0.055));
        if (Math.hypot(
                        out.eye().u() - into.eye().u(),
                        out.eye().v() - into.eye().v())
                > 0.02) {
            marks.draw(new Shape.Arrow(Shape.Role.MOVE, out.eye(), into.eye()));
        }
        return svg.append("</svg>").toString();
    }

    private static List<Shape> pictures(DrawnFrame frame) {
        return frame.shapes().stream()
                .filter(shape -> !(shape instanceof Shape.Ring) && !(shape instanceof Shape.Arrow))
                .toList();
    }

    /** Writes marks as elements of an SVG. */
    private record SvgPen(StringBuilder svg) implements Pen {

        @Override
        public void area(List<FramePoint> corners, String colour, boolean edged) {
            svg.append("<polygon points=\"")
                    .append(corners.stream().map(FrameSvg::pair).collect(Collectors.joining(" ")))
                    .append("\" fill=\"")
                    .append(colour);
            if (edged) {
                svg.append("\" stroke-width=\"1\" stroke=\"").append(colour);
            }
            svg.append("\"/>");
        }

        @Override
        public void line(FramePoint from, FramePoint to, double width, String colour) {
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

        @Override
        public void disc(FramePoint centre, double radius, String colour) {
            circle(centre, radius);
            svg.append("fill=\"").append(colour).append("\"/>");
        }

        @Override
        public void ring(FramePoint centre, double radius, double width, String colour, double opacity) {
            circle(centre, radius);
            svg.append("fill=\"none\" stroke=\"")
                    .append(colour)
                    .append("\" stroke-width=\"")
                    .append(number(width));
            if (opacity < 1) {
                svg.append("\" stroke-opacity=\"").append(opacity);
            }
            svg.append("\"/>");
        }

        private void circle(FramePoint centre, double radius) {
            svg.append("<circle cx=\"")
                    .append(number(centre.u()))
                    .append("\" cy=\"")
                    .append(number(centre.v()))
                    .append("\" r=\"")
                    .append(number(radius))
                    .append("\" ");
        }
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
