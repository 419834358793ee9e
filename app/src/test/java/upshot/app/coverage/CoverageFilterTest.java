package upshot.app.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.plan.Support;
import upshot.core.plan.WantedLight;
import upshot.core.verdict.Verdict;

class CoverageFilterTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action first = sample.action(one -> one.with("thing", "Rope"));
    private final Action second = sample.action(one -> one.with("beatId", sample.nextBeat())
            .with("spotId", sample.nextSpot())
            .with("wantedLight", WantedLight.GOLDEN)
            .with("cautions", Cautions.of(Caution.FIRE)));

    private List<Action> shown(Map<String, String> parameters) {
        Plan plan = sample.build();
        CoverageFilter filter = new CoverageFilter(Verdict.of(plan), parameters);
        return plan.actions().stream().filter(filter::shows).toList();
    }

    @Test
    void nothing_asked_shows_everything_and_each_question_its_answer() {
        sample.performer(first, sample.otherPerson());
        sample.shot(second, one -> one.with("support", Support.DRONE));

        assertThat(shown(Map.of())).containsExactly(first, second);
        assertThat(shown(Map.of("beat", sample.nextBeat().toString()))).containsExactly(second);
        assertThat(shown(Map.of("spot", first.spotId().toString()))).containsExactly(first);
        assertThat(shown(Map.of("person", sample.otherPerson().toString()))).containsExactly(first);
        assertThat(shown(Map.of("hazard", "FIRE"))).containsExactly(second);
        assertThat(shown(Map.of("hazard", "DRONE"))).containsExactly(second);
        assertThat(shown(Map.of("light", "GOLDEN"))).containsExactly(second);
        assertThat(shown(Map.of("light", "GOLDEN", "hazard", "LOUD"))).isEmpty();
        assertThat(shown(Map.of("beat", "nonsense"))).isEmpty();
    }

    @Test
    void words_are_found_in_names_things_spots_and_shots_all_of_them_together() {
        String code = sample.shot(second, 30).code();

        assertThat(shown(Map.of("find", "rope"))).containsExactly(first);
        assertThat(shown(Map.of("find", "YARD"))).containsExactly(second);
        assertThat(shown(Map.of("find", "ada hall"))).containsExactly(first);
        assertThat(shown(Map.of("find", code.toLowerCase()))).contains(second);
        assertThat(shown(Map.of("find", "rope yard"))).isEmpty();
        assertThat(shown(Map.of("find", "  "))).hasSize(2);
    }

    @Test
    void only_holes_leaves_out_what_is_covered() {
        for (double bearing : new double[] {20, 60, 100}) {
            sample.shot(first, bearing);
        }
        Plan plan = sample.build();

        assertThat(shown(Map.of("holes", "on")))
                .isEqualTo(Verdict.of(plan).holes().stream()
                        .map(hole -> hole.actionId())
                        .distinct()
                        .map(id -> id.equals(first.id()) ? first : second)
                        .toList());
        assertThat(new CoverageFilter(Verdict.of(plan), Map.of("holes", "on"))
                        .row()
                        .active())
                .isTrue();
        assertThat(new CoverageFilter(Verdict.of(plan), Map.of("shot", "x"))
                        .row()
                        .active())
                .isFalse();
    }
}
