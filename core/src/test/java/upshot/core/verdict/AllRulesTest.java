package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.handoff.AsShotRule;

class AllRulesTest {

    /** Findings that were let stand are stored by these: one that is gone or renamed would speak again. */
    private static final List<String> IDS = List.of(
            "action-match",
            "at-the-wall",
            "backwards",
            "beat-length",
            "blocked-sight",
            "clean-plate",
            "closing",
            "cutaways",
            "eye-jump",
            "films-alone",
            "focus-pull",
            "hand-held-run",
            "kept-too-short",
            "kept-without-consent",
            "kept-without-handles",
            "lamp-flicker",
            "lead-room",
            "length",
            "level",
            "light-in-view",
            "light-jump",
            "line-cross",
            "long-use",
            "loud-place",
            "mirror",
            "move-clash",
            "move-speed",
            "moving-share",
            "no-establishing",
            "no-go",
            "no-such-light",
            "no-such-rate",
            "off-beat",
            "one-height",
            "one-move",
            "out-of-reach",
            "outlasts",
            "own-shadow",
            "pace",
            "punched-soft",
            "quick-crossing",
            "recorded-otherwise",
            "recorded-turned",
            "reflection",
            "safe-areas",
            "same-seconds",
            "second-take",
            "short-ends",
            "shutter-look",
            "slow-share",
            "speech-rate",
            "speed-run",
            "state-jump",
            "still-slowed",
            "story-order",
            "tight-room",
            "too-alike",
            "too-close",
            "too-dark",
            "top-light",
            "transition-fit",
            "two-camera-match",
            "coverage",
            "travel-flip",
            "under-the-ceiling",
            "way-out",
            "up-and-down",
            "uneven-steps");

    private static List<Rule> rules() {
        return Stream.concat(AllRules.all().stream().flatMap(group -> group.rules().stream()), AsShotRule.ALL.stream())
                .toList();
    }

    @Test
    void ids_stay_what_they_are() {
        assertThat(rules()).extracting(Rule::id).containsExactlyInAnyOrderElementsOf(IDS);
    }

    @Test
    void every_rule_says_what_it_holds_and_why_in_sentences() {
        assertThat(rules()).extracting(rule -> rule.card().title()).doesNotHaveDuplicates();
        for (Rule rule : rules()) {
            RuleCard card = rule.card();
            assertThat(card.title()).as(rule.id()).isNotBlank().doesNotEndWith(".");
            assertThat(card.summary()).as(rule.id()).matches("[A-Z].{15,}\\.");
            assertThat(card.reason()).as(rule.id()).matches("[A-Z].{15,}\\.");
            for (RuleCard.Bound bound : card.bounds()) {
                assertThat(bound.what()).as(rule.id()).isNotBlank();
                assertThat(bound.value()).as(rule.id()).isFinite();
                bound.movable().ifPresent(threshold -> assertThat(bound.value()).isEqualTo(threshold.usual()));
            }
        }
    }
}
