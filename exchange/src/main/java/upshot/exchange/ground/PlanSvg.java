package upshot.exchange.ground;

import java.util.Locale;
import java.util.UUID;
import java.util.function.Function;
import upshot.exchange.ground.PlanShapes.ActionShape;
import upshot.exchange.ground.PlanShapes.Box;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.HandleShape;
import upshot.exchange.ground.PlanShapes.LineShape;
import upshot.exchange.ground.PlanShapes.PersonShape;
import upshot.exchange.ground.PlanShapes.StandShape;
import upshot.exchange.ground.PlanShapes.ThingShape;
import upshot.exchange.ground.PlanShapes.UnderlayShape;
import upshot.exchange.ground.PlanShapes.WayShape;
import upshot.exchange.svg.FrameSvg;

/** The plan of a spot as a drawing: on a page, where what stands on it can be taken up, and to scale on paper. */
public final class PlanSvg {

    private static final double MM_PER_CM = 10;
    private static final String FONT = "Atkinson Hyperlegible Next, sans-serif";

    /** About how high letters are on paper. */
    private static final double LETTERS_MM = 2.6;

    private static final double HIT_WIDE = 3.4;
    private static final double HIT_HIGH = 3.8;

    private PlanSvg() {}

    /**
     * For a page.
     *
     * @param label said to those who cannot see it
     * @param pictures where the pictures under it are, with a slash at the end
     */
    public static String page(Drawing drawing, String label, String pictures) {
        Ink ink = new Ink.Page();
        PlanMarks marks = new PlanMarks(drawing, ink);
        marks.raw("<svg class=\"plan\" viewBox=\"%s\" role=\"group\" aria-label=\"%s\" data-plan data-letters=\"%s\">"
                .formatted(drawing.box().view(), FrameSvg.escape(label), Cm.number(drawing.letters())));
        marks.raw("<g aria-hidden=\"true\">");
        base(marks, drawing, pictures, "plan-floor-clip");
        marks.raw("<g class=\"plan-wedges\">");
        for (StandShape one : drawing.stands()) {
            marks.polygon("wedge", PlanMarks.more(one), one.wedge(), " data-wedge=\"%s\"".formatted(one.id()));
        }
        marks.raw("</g>").lines(drawing.walls(), "");
        for (LineShape one : drawing.stretches()) {
            marks.line(new LineShape(one.x1(), one.y1(), one.x2(), one.y2(), "stretch", "is-" + one.kind()), "stretch");
        }
        marks.raw("</g>");
        drawing.things().forEach(one -> thing(marks, one));
        for (WayShape one : drawing.ways()) {
            marks.polyline("walk", one.points()).text("name", one.x(), one.y(), one.words());
        }
        drawing.lamps().forEach(marks::lamp);
        drawing.actions().forEach(one -> action(marks, drawing, one));
        for (PersonShape one : drawing.people()) {
            marks.raw("<g%s>".formatted(put("performer", one.id())));
            person(marks, drawing, one);
            marks.raw("</g>");
        }
        for (HandleShape one : drawing.corners()) {
            handle(marks, drawing, "wall-middle", "wall", one.id(), one.wallX(), one.wallY());
        }
        for (HandleShape one : drawing.corners()) {
            handle(marks, drawing, "corner", "corner", one.id(), one.x(), one.y());
        }
        drawing.stands().forEach(one -> stand(marks, drawing, one));
        marks.raw("<g aria-hidden=\"true\">").sunAndNorth().bar().raw("</g></svg>");
        return marks.taken();
    }

    /** What lies under everything. */
    private static void base(PlanMarks marks, Drawing drawing, String pictures, String clip) {
        if (!pictures.isEmpty()) {
            for (UnderlayShape one : drawing.underlays()) {
                marks.raw("<image class=\"plan-underlay\" href=\"%s%s\" preserveAspectRatio=\"none\"%s%s%s%s/>"
                        .formatted(
                                pictures,
                                one.still(),
                                PlanMarks.at("x", one.x()),
                                PlanMarks.at("y", one.y()),
                                PlanMarks.at("width", one.wide()),
                                PlanMarks.at("height", one.high())));
            }
        }
        boolean bare = drawing.underlays().isEmpty() || pictures.isEmpty();
        if (bare) {
            marks.polygon("floor", "", drawing.floor(), "");
        }
        marks.lines(drawing.grid(), "grid");
        marks.raw("<clipPath id=\"%s\"><polygon points=\"%s\"/></clipPath><g clip-path=\"url(#%s)\">"
                .formatted(clip, drawing.floor(), clip));
        if (!drawing.kept().isEmpty()) {
            marks.polygon("kept", "", drawing.kept(), "");
        }
        drawing.shadows().forEach(one -> marks.polygon("shadow", "", one, ""));
        marks.raw("</g>");
    }

    /** With room for a finger round it. */
    private static void handle(
            PlanMarks marks, Drawing drawing, String part, String kind, String id, double x, double y) {
        marks.raw("<g%s>".formatted(put(kind, id)))
                .circle("hit", "", x, y, drawing.letters(), "")
                .circle(part, "", x, y, drawing.letters() * (part.equals("corner") ? 0.45 : 0.25), "")
                .raw("</g>");
    }

    private static void person(PlanMarks marks, Drawing drawing, PersonShape one) {
        marks.circle("person", "", one.x(), one.y(), drawing.letters() * 0.55, "")
                .text("name", one.x(), one.y() + drawing.letters() * 1.5, one.name());
    }

    private static String put(String kind, String id) {
        return " data-put=\"%s\" data-id=\"%s\"".formatted(kind, id);
    }

    private static void thing(PlanMarks marks, ThingShape one) {
        String taken = one.id().isEmpty()
                ? ""
                : put(one.put(), one.id()) + " data-x=\"%s\" data-y=\"%s\"".formatted(one.firstX(), one.firstY());
        marks.raw("<g class=\"plan-thing\"%s>".formatted(taken)).thing(one).raw("</g>");
    }

    private static void action(PlanMarks marks, Drawing drawing, ActionShape one) {
        double letters = drawing.letters();
        marks.raw("<g class=\"plan-action%s\">".formatted(one.chosen() ? " is-chosen" : ""))
                .wayOf(one)
                .circle(
                        "subject",
                        one.inShade() ? "is-in-shade" : "",
                        one.x(),
                        one.y(),
                        letters * 0.75,
                        put("action", one.id()))
                .text("name", one.x(), one.y() + letters * 2, one.name())
                .raw("</g>");
    }

    private static void stand(PlanMarks marks, Drawing drawing, StandShape one) {
        double letters = drawing.letters();
        String more = PlanMarks.more(one);
        boolean clear = one.status().equals("clear");
        String taken = one.elsewhere().isEmpty()
                ? put("stand", one.id())
                        + " data-action=\"%s\" data-at=\"%s %s\"".formatted(one.actionId(), one.x(), one.y())
                : "";
        marks.raw("<g class=\"plan-stand %s\"%s>".formatted(more, taken))
                .polyline("track", one.track())
                .raw("<a data-select href=\"?shot=%s&amp;thing=\" aria-label=\"%s\" data-stand=\"%s\"%s>"
                        .formatted(
                                UUID.fromString(one.id()),
                                FrameSvg.escape(one.spoken()),
                                one.id(),
                                one.chosen() ? " aria-current=\"true\"" : ""))
                .rect(
                        "hit",
                        "",
                        one.x() - letters * HIT_WIDE / 2,
                        one.y() - letters * 1.2,
                        letters * HIT_WIDE,
                        letters * HIT_HIGH)
                .camera(one)
                .plate(one, one.code(), clear ? 0 : 0.5);
        if (!clear) {
            marks.raw("<use href=\"#status-%s\"%s%s%s%s/>"
                    .formatted(
                            one.status(),
                            PlanMarks.at("x", one.x() - letters * 1.6),
                            PlanMarks.at("y", one.y() + letters * 1.3),
                            PlanMarks.at("width", letters),
                            PlanMarks.at("height", letters)));
        }
        marks.raw("</a></g>");
    }

    /**
     * On paper, so that a length on it is a scale's part of the length on the floor. Cameras carry their numbers.
     *
     * @param scale 50 for one to fifty
     * @param part of the drawing that is shown, all of it for one sheet
     * @param clip a name that no other drawing on the page has
     */
    static String paper(Drawing drawing, int scale, Box part, String clip) {
        double cmPerMm = scale / MM_PER_CM;
        String head =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%s\" width=\"%smm\" height=\"%smm\" font-family=\"%s\">"
                        .formatted(
                                part.view(),
                                millimetres(part.wide() / cmPerMm),
                                millimetres(part.high() / cmPerMm),
                                FONT);
        PlanMarks marks = new PlanMarks(drawing, new Ink.Paper(cmPerMm)).raw(head);
        onPaper(marks, drawing.within(part), clip, one -> "" + one.number());
        return marks.raw("</svg>").taken();
    }

    /** As large as its place, with the codes of the shots at their cameras. */
    static String small(Drawing drawing, String label, String clip) {
        String head =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"small-plan\" viewBox=\"%s\" font-family=\"%s\" role=\"img\" aria-label=\"%s\">"
                        .formatted(drawing.box().view(), FONT, FrameSvg.escape(label));
        PlanMarks marks = new PlanMarks(drawing, new Ink.Paper(drawing.letters() / LETTERS_MM)).raw(head);
        onPaper(marks, drawing, clip, StandShape::code);
        return marks.raw("</svg>").taken();
    }

    private static void onPaper(PlanMarks marks, Drawing drawing, String clip, Function<StandShape, String> label) {
        base(marks, drawing, "", clip);
        drawing.stands().forEach(one -> marks.polygon("wedge", PlanMarks.more(one), one.wedge(), ""));
        marks.lines(drawing.walls(), "").lines(drawing.stretches(), "");
        drawing.things().forEach(marks::thing);
        for (ActionShape one : drawing.actions()) {
            marks.wayOf(one)
                    .circle("subject", "", one.x(), one.y(), drawing.letters() * 0.6, "")
                    .text("name", one.x(), one.y() + drawing.letters() * 1.6, one.name());
        }
        drawing.people().forEach(one -> person(marks, drawing, one));
        for (StandShape one : drawing.stands()) {
            marks.polyline("track", one.track()).camera(one).plate(one, label.apply(one), 0);
        }
        marks.sunAndNorth().bar();
    }

    private static String millimetres(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
