package upshot.exchange.svg;

import java.util.List;
import java.util.Locale;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.plan.Plan;

/** The frames of a cut on one sheet, in edit order, with place, code, seconds and what they show. */
public final class CutSheetSvg {

    private static final double WIDTH = 1120;
    private static final double MARGIN = 28;
    private static final double GAP = 14;
    private static final double HEAD = 64;
    private static final double CAPTION = 40;
    private static final double CELL = 255;
    private static final int NAME_LETTERS = 34;

    private CutSheetSvg() {}

    public static String render(PaperCut cut) {
        Plan plan = cut.plan();
        double aspect = plan.brief().aspect().ratio();
        int columns = aspect < 1 ? 7 : 4;
        double width = (WIDTH - 2 * MARGIN - (columns - 1) * GAP) / columns;
        double height = Math.min(CELL, width / aspect);
        List<Placed> uses = cut.uses();
        int rows = (uses.size() + columns - 1) / columns;
        double sheet = HEAD + rows * (height + CAPTION + GAP) + MARGIN;
        StringBuilder svg = new StringBuilder(1 << 16);
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %s %s\" width=\"%s\" height=\"%s\""
                        .formatted(number(WIDTH), number(sheet), number(WIDTH), number(sheet)))
                .append(" font-family=\"Atkinson Hyperlegible Next, sans-serif\" fill=\"#172026\">")
                .append("<rect width=\"100%\" height=\"100%\" fill=\"#ffffff\"/>");
        text(svg, MARGIN, 40, 22, "#172026", plan.brief().name());
        text(
                svg,
                WIDTH - MARGIN - 300,
                40,
                14,
                "#46535a",
                "%d frames of %s s, in edit order"
                        .formatted(
                                uses.size(), Wording.number(plan.brief().rate().secondsOf(cut.frames()), 2)));
        for (Placed placed : uses) {
            double x = MARGIN + placed.index() % columns * (width + GAP);
            double y = HEAD + placed.index() / columns * (height + CAPTION + GAP);
            cell(svg, cut, placed, x, y, width, height);
        }
        return svg.append("</svg>").toString();
    }

    private static void cell(
            StringBuilder svg, PaperCut cut, Placed placed, double x, double y, double width, double height) {
        Plan plan = cut.plan();
        String frame = FrameSvg.render(
                DrawnFrame.of(plan, placed.shot()), placed.shot().code());
        svg.append(frame.replaceFirst(
                "<svg ",
                "<svg x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" "
                        .formatted(number(x), number(y), number(width), number(height))));
        String name = placed.action().name();
        String shown = Wording.shortened(name, NAME_LETTERS);
        text(
                svg,
                x,
                y + height + 16,
                14,
                "#172026",
                "%d · %s · %s s"
                        .formatted(
                                placed.index() + 1,
                                placed.shot().code(),
                                Wording.number(
                                        plan.brief()
                                                .rate()
                                                .secondsOf(placed.use().frames()),
                                        2)));
        text(svg, x, y + height + 33, 13, "#46535a", shown);
    }

    private static void text(StringBuilder svg, double x, double y, int size, String colour, String content) {
        svg.append("<text x=\"%s\" y=\"%s\" font-size=\"%d\" fill=\"%s\">%s</text>"
                .formatted(number(x), number(y), size, colour, FrameSvg.escape(content)));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
