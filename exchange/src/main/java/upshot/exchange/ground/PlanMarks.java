package upshot.exchange.ground;

import java.util.List;
import java.util.Locale;
import upshot.exchange.ground.PlanShapes.ActionShape;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.LampShape;
import upshot.exchange.ground.PlanShapes.LineShape;
import upshot.exchange.ground.PlanShapes.StandShape;
import upshot.exchange.ground.PlanShapes.ThingShape;
import upshot.exchange.svg.FrameSvg;

/** Writes the shapes of a plan as marks of a drawing, for a page and for paper alike. */
final class PlanMarks {

    private static final double MIDDLE_OF_LETTERS = 0.35;

    private final StringBuilder svg = new StringBuilder(1 << 14);
    private final Drawing drawing;
    private final Ink ink;
    private final double letters;

    PlanMarks(Drawing drawing, Ink ink) {
        this.drawing = drawing;
        this.ink = ink;
        this.letters = drawing.letters();
    }

    /** What has been written since this was asked last. */
    String taken() {
        String taken = svg.toString();
        svg.setLength(0);
        return taken;
    }

    PlanMarks raw(String markup) {
        svg.append(markup);
        return this;
    }

    PlanMarks lines(List<LineShape> lines, String usual) {
        for (LineShape one : lines) {
            line(one, usual.isEmpty() ? one.kind() : usual);
        }
        return this;
    }

    PlanMarks line(LineShape one, String part) {
        return mark(
                "line",
                part,
                one.more().startsWith("is-") ? one.more() : "",
                at("x1", one.x1()) + at("y1", one.y1()) + at("x2", one.x2()) + at("y2", one.y2()));
    }

    static String at(String name, double cm) {
        return " " + name + "=\"" + Cm.number(cm) + "\"";
    }

    private PlanMarks mark(String tag, String part, String more, String attributes) {
        svg.append('<')
                .append(tag)
                .append(ink.of(part, more))
                .append(attributes)
                .append("/>");
        return this;
    }

    PlanMarks polygon(String part, String more, String points, String attributes) {
        return mark("polygon", part, more, " points=\"" + points + "\"" + attributes);
    }

    PlanMarks polyline(String part, String points) {
        return points.isEmpty() ? this : mark("polyline", part, "", " points=\"" + points + "\"");
    }

    PlanMarks circle(String part, String more, double x, double y, double radius, String attributes) {
        return mark("circle", part, more, at("cx", x) + at("cy", y) + at("r", radius) + attributes);
    }

    PlanMarks rect(String part, String more, double x, double y, double wide, double high) {
        return mark("rect", part, more, at("x", x) + at("y", y) + at("width", wide) + at("height", high));
    }

    PlanMarks text(String part, double x, double y, String text) {
        svg.append("<text")
                .append(ink.of(part, ""))
                .append(at("x", x))
                .append(at("y", y + MIDDLE_OF_LETTERS * letters))
                .append(at("font-size", letters))
                .append(" text-anchor=\"middle\">")
                .append(FrameSvg.escape(text))
                .append("</text>");
        return this;
    }

    PlanMarks thing(ThingShape one) {
        return polygon(one.kind(), "", one.points(), "").text("thing-name", one.x(), one.y(), one.name());
    }

    PlanMarks lamp(LampShape one) {
        return polygon("beam", "", one.beam(), "")
                .circle("lamp", "", one.x(), one.y(), letters * 0.5, "")
                .text("thing-name", one.x(), one.y() - letters * 1.2, one.name());
    }

    PlanMarks wayOf(ActionShape one) {
        return polyline("line", one.line()).polyline("way", one.way()).polyline("arrow", one.arrow());
    }

    /** The camera seen from above, looking where it looks. */
    PlanMarks camera(StandShape one) {
        svg.append("<g")
                .append(ink.of("camera", more(one)))
                .append(" transform=\"translate(%s %s) rotate(%s) scale(%s)\">"
                        .formatted(
                                Cm.number(one.x()), Cm.number(one.y()), Cm.number(one.turnDeg()), scale(letters / 10)))
                .append("<rect x=\"-7\" y=\"-3\" width=\"14\" height=\"12\" rx=\"1.5\"/>")
                .append("<path d=\"M-5 -11 H5 L2.5 -3 H-2.5 Z\"/></g>");
        return this;
    }

    private static String scale(double times) {
        return String.format(Locale.ROOT, "%.3f", times);
    }

    /** A plate with its name, a little below. */
    PlanMarks plate(StandShape one, String label, double aside) {
        double y = one.y() + letters * 1.9;
        return rect("plate", more(one), one.x() - letters * 1.7, y - letters * 0.85, letters * 3.4, letters * 1.5)
                .text("code", one.x() + letters * aside, y - letters * 0.1, label);
    }

    static String more(StandShape one) {
        return (one.status().equals("clear") ? "" : "is-" + one.status())
                + (one.chosen() ? " is-chosen" : "")
                + (one.faint() ? " is-faint" : "")
                + (one.elsewhere().isEmpty() ? "" : " is-elsewhere");
    }

    PlanMarks sunAndNorth() {
        if (drawing.sun() != null) {
            circle("sun", "", drawing.sun().x(), drawing.sun().y(), letters, "");
            svg.append("<path")
                    .append(ink.of("rays", ""))
                    .append(" d=\"")
                    .append(drawing.sun().rays())
                    .append("\"/>");
        }
        if (drawing.north() != null) {
            svg.append("<g transform=\"translate(%s %s) rotate(%s) scale(%s)\">"
                            .formatted(
                                    Cm.number(drawing.north().x()),
                                    Cm.number(drawing.north().y()),
                                    Cm.number(drawing.north().turnDeg()),
                                    scale(letters / 15)))
                    .append("<circle")
                    .append(ink.of("rose", ""))
                    .append(" r=\"20\"/><path")
                    .append(ink.of("needle", ""))
                    .append(" d=\"M0 14 V-14 M-5 -7 L0 -15 L5 -7\"/><text")
                    .append(ink.of("north", ""))
                    .append(" y=\"-23\" font-size=\"13\" text-anchor=\"middle\">N</text></g>");
        }
        return this;
    }

    PlanMarks bar() {
        LineShape bar = drawing.bar();
        line(bar, "bar");
        double middle = (bar.x1() + bar.x2()) / 2;
        return text("thing-name", middle, bar.y1() - letters * 0.9, bar.more());
    }
}
