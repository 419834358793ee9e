package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.core.RandomPlans;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;
import upshot.exchange.csv.ShotListCsv;

/** Whatever is in a plan, every stage can show it, with anything selected. */
@AppTest
class StageModelsTest {

    @Autowired
    private List<Stage> stages;

    @Autowired
    private People people;

    @RepeatedTest(40)
    void every_stage_shows_any_plan(RepetitionInfo run) {
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        Verdict verdict = Verdict.of(plan);
        SignedIn who = people.person();
        for (Stage stage : stages) {
            for (Map<String, String> selection : selections(plan)) {
                assertThat(stage.model(verdict, new StageRequest(UUID.randomUUID(), 1, who, selection)))
                        .as("seed %d, %s, %s", run.getCurrentRepetition(), stage.slug(), selection)
                        .isNotEmpty();
            }
        }
        assertThat(ShotListCsv.inCutOrder(verdict).lines())
                .hasSizeGreaterThan(plan.uses().size());
        assertThat(ShotListCsv.inShootingOrder(verdict).lines())
                .hasSizeGreaterThan(plan.shots().size());
    }

    private static List<Map<String, String>> selections(Plan plan) {
        List<Map<String, String>> selections = new ArrayList<>(List.of(Map.of()));
        plan.actions().forEach(one -> selections.add(Map.of("action", one.id().toString())));
        plan.shots().forEach(one -> selections.add(Map.of("shot", one.id().toString())));
        plan.uses().forEach(one -> selections.add(Map.of("use", one.id().toString())));
        String codes = plan.shots().stream().map(Shot::code).collect(Collectors.joining(","));
        selections.add(Map.of("several", "on", "chosen", codes));
        selections.add(Map.of(
                "several",
                "on",
                "chosen",
                "X1,,X1",
                "closed",
                "a,a," + plan.beats().get(0).id()));
        selections.add(Map.of("holes", "on", "hazard", "FIRE", "find", "a b", "beat", "nonsense"));
        for (int number = 1; number <= 6; number++) {
            selections.add(Map.of("joint", Integer.toString(number), "setup", Integer.toString(number)));
        }
        for (String block :
                List.of("day", "delivery", "music", "spots", "agenda", "people", "kit", "house", "nothing")) {
            selections.add(Map.of(
                    "open",
                    block,
                    "record",
                    plan.spots().isEmpty() ? "" : plan.spots().get(0).id().toString()));
        }
        return selections;
    }

    @Test
    void stages_of_the_lane_keep_their_digits() {
        assertThat(stages)
                .filteredOn(Stage::onLane)
                .extracting(stage -> stage.digit() + " " + stage.slug())
                .containsExactlyInAnyOrder(
                        "1 brief", "2 coverage", "3 cut", "4 ground", "5 day", "6 roll", "7 hand-off");
    }
}
