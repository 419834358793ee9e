package upshot.core.whole;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.Doubling;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.plan.Action;
import upshot.core.plan.Support;

/** Arranging asks every rule about some thousands of cuts, and the longest job has two thousand uses. */
class WholeRulesStayQuickTest {

    private static final int TIMES = 20;
    private static final long LEAST_NANOS = 10_000_000;
    private static final Map<Integer, PaperCut> CUTS = new ConcurrentHashMap<>();

    static List<WholeRule> rules() {
        return WholeRule.ALL;
    }

    /** Each use of an action of its own, from the hand, and all but the first somewhere else. */
    private static PaperCut cut(int uses) {
        return CUTS.computeIfAbsent(uses, size -> {
            SamplePlan sample = new SamplePlan();
            for (int i = 0; i < size; i++) {
                Action action = i == 0 ? sample.action() : sample.action(one -> one.with("spotId", sample.nextSpot()));
                sample.use(sample.shot(action, one -> one.with("support", Support.HAND_HELD)));
            }
            return PaperCut.of(sample.build());
        });
    }

    @ParameterizedTest
    @MethodSource("rules")
    void twice_as_many_uses_take_at_most_three_times_as_long(WholeRule rule) {
        Doubling.holds(rule.id(), 60, LEAST_NANOS, uses -> {
            PaperCut cut = cut(uses);
            return () -> {
                for (int i = 0; i < TIMES; i++) {
                    rule.judge(cut);
                }
            };
        });
    }
}
