package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.plan.Move;
import upshot.core.plan.Support;

/** What all rules on the whole cut say together. */
class WholeRulesTest extends WholeOnSample {

    @Test
    void an_empty_cut_is_not_judged_and_a_beginner_s_is_by_most_rules() {
        assertThat(WholeRule.judgeAll(PaperCut.of(sample.build()))).isEmpty();
        for (int i = 0; i < 12; i++) {
            use(30, one -> one.with("move", Move.PAN).with("support", Support.HAND_HELD));
        }
        assertThat(WholeRule.judgeAll(PaperCut.of(sample.build())))
                .extracting(Finding::ruleId)
                .contains(
                        "length",
                        "no-establishing",
                        "closing",
                        "short-ends",
                        "one-height",
                        "pace",
                        "cutaways",
                        "moving-share");
    }
}
