package upshot.exchange.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import upshot.exchange.ground.PlanShapes.Box;

/**
 * How a plan is laid out over sheets of paper at a scale.
 *
 * @param scale 50 for one to fifty
 * @param parts of the drawing, a sheet each, in centimetres of the floor
 */
record Tiles(int scale, List<Part> parts) {

    /** The scales that are on a ruler. */
    static final List<Integer> SCALES = List.of(20, 50, 100, 200, 500);

    /** Neighbouring sheets share so much, to be glued. */
    private static final double OVERLAP_MM = 10;

    /** More sheets than anybody glues together. */
    private static final int MOST_SHEETS = 24;

    private static final double MM_PER_CM = 10;

    /**
     * A sheet.
     *
     * @param name row and column, such as B2; empty where there is only one
     */
    record Part(String name, Box box) {}

    /**
     * @param asked the scale that is wanted, or none for the largest that one sheet holds; where too many sheets would be
     *     needed it is the next smaller one
     */
    static Tiles of(Box whole, PaperSize paper, OptionalInt asked) {
        for (int scale : SCALES) {
            boolean wanted = asked.isEmpty() ? sheets(whole, paper, scale) == 1 : scale >= asked.getAsInt();
            if (wanted && sheets(whole, paper, scale) <= MOST_SHEETS) {
                return at(whole, paper, scale);
            }
        }
        return at(whole, paper, SCALES.get(SCALES.size() - 1));
    }

    private static int sheets(Box whole, PaperSize paper, int scale) {
        return number(whole.wide(), paper.wideMm(), scale) * number(whole.high(), paper.highMm(), scale);
    }

    private static int number(double cm, double paperMm, int scale) {
        double mm = cm * MM_PER_CM / scale;
        return mm <= paperMm ? 1 : (int) Math.ceil((mm - OVERLAP_MM) / (paperMm - OVERLAP_MM));
    }

    private static Tiles at(Box whole, PaperSize paper, int scale) {
        int columns = Math.min(MOST_SHEETS, number(whole.wide(), paper.wideMm(), scale));
        int rows = Math.min(MOST_SHEETS / columns, number(whole.high(), paper.highMm(), scale));
        double cmPerMm = scale / MM_PER_CM;
        List<Part> parts = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double left = column * (paper.wideMm() - OVERLAP_MM) * cmPerMm;
                double top = row * (paper.highMm() - OVERLAP_MM) * cmPerMm;
                parts.add(new Part(
                        columns * rows == 1 ? "" : "%c%d".formatted('A' + row, column + 1),
                        new Box(
                                whole.left() + left,
                                whole.top() + top,
                                Math.min(paper.wideMm() * cmPerMm, whole.wide() - left),
                                Math.min(paper.highMm() * cmPerMm, whole.high() - top))));
            }
        }
        return new Tiles(scale, List.copyOf(parts));
    }
}
