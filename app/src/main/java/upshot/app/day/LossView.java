package upshot.app.day;

import java.util.ArrayList;
import java.util.List;
import upshot.core.late.Loss;
import upshot.core.order.NotFitting;
import upshot.core.verdict.Verdict;

/**
 * What goes or does not fit, and what that costs.
 *
 * @param id of its first shot
 * @param why it does not fit, empty where it only would go
 * @param costs what the cut loses, a sentence each
 */
record LossView(String id, String codes, String name, String priority, String why, List<String> costs) {

    private static final int FEW = 5;

    /** What the day has no room for, must-haves first, as far as its reasons are worked out. */
    static List<LossView> dropped(Verdict verdict) {
        return NotFitting.of(verdict.plan(), verdict.day()).said().stream()
                .map(said -> of(Loss.of(verdict, said.dropped()), said.words(), "Needs"))
                .toList();
    }

    /** What would go next. */
    static List<LossView> next(Verdict verdict) {
        return Loss.inOrder(verdict, FEW).stream()
                .map(loss -> of(loss, "", "Gains"))
                .toList();
    }

    private static LossView of(Loss loss, String why, String minutes) {
        return new LossView(
                loss.setup().first().id().toString(),
                loss.setup().codes(),
                loss.setup().action().name(),
                loss.setup().priority().label(),
                why,
                costs(loss, minutes));
    }

    private static List<String> costs(Loss loss, String minutes) {
        List<String> costs = new ArrayList<>();
        costs.add("%s %d min.".formatted(minutes, loss.minutes()));
        costs.addAll(loss.words());
        return costs;
    }
}
