package upshot.app.day;

import java.util.List;
import java.util.stream.Collectors;
import upshot.core.finding.Wording;
import upshot.core.order.Comparison;
import upshot.core.plan.Shot;

/**
 * Two days side by side, in words.
 *
 * @param lost codes of shots that only the first makes, empty for none
 * @param won likewise of the second
 */
record CompareView(List<Row> rows, String lost, String won, int moved) {

    /**
     * A line of the table.
     *
     * @param better "better", "worse" or empty
     */
    record Row(String what, String before, String after, String better) {}

    static CompareView of(Comparison compared) {
        return new CompareView(
                compared.lines().stream().map(CompareView::row).toList(),
                codes(compared.lost()),
                codes(compared.won()),
                compared.moved());
    }

    private static Row row(Comparison.Line line) {
        String better = line.better() > 0 ? "better" : line.better() < 0 ? "worse" : "";
        return new Row(Wording.capital(line.what()), said(line.before(), line), said(line.after(), line), better);
    }

    private static String said(double value, Comparison.Line line) {
        String number = Wording.number(value, line.unit().equals("min") ? 1 : 0).replace('-', '−');
        return line.unit().equals("min") ? number + " min" : number;
    }

    private static String codes(List<Shot> shots) {
        return shots.stream().map(Shot::code).collect(Collectors.joining(", "));
    }
}
