package upshot.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.balance.Chart.Part;
import upshot.core.finding.Finding;
import upshot.core.house.MovementSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

class BalanceTest {

    private static Chart chart(Verdict verdict, String id) {
        return Balance.of(verdict).stream()
                .filter(chart -> chart.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void seconds_are_counted_by_speed_camera_and_beat() {
        SamplePlan sample = new SamplePlan();
        sample.use(sample.shot(sample.action(), one -> one.with("captureRate", FrameRate.of(120))), 24);
        sample.use(sample.shot(sample.action(), one -> one.with("move", Move.PAN)), 48);
        sample.use(sample.shot(sample.action(one -> one.with("beatId", sample.nextBeat())), 60), 24);
        Plan built = sample.build();
        Plan plan = built.apply(Change.set(built.brief(), "lengthS", 6.0));
        Plan asked = plan.apply(Change.set(plan.beats().get(1), "targetS", Optional.of(2.0)));
        Verdict verdict = Verdict.of(asked);

        assertThat(chart(verdict, "speed").parts())
                .extracting(Part::label, Part::seconds)
                .containsExactly(tuple("slow", 1.0), tuple("real time", 3.0));
        assertThat(chart(verdict, "camera").parts()).extracting(Part::seconds).containsExactly(2.0, 2.0);
        assertThat(chart(verdict, "beats").parts())
                .extracting(Part::wantedS)
                .as("two of six seconds were asked for, the other beat gets the rest")
                .containsExactly(Optional.of(4.0), Optional.of(2.0));
        assertThat(chart(verdict, "camera").findings())
                .extracting(Finding::ruleId)
                .containsExactly("moving-share");
        Plan anchored = asked.apply(Change.set(asked.house(), "movement", MovementSchool.KEEP_MOVING));
        assertThat(chart(Verdict.of(anchored), "camera").wanted()).isEqualTo("at least 60 % moving");
    }

    @RepeatedTest(30)
    void every_second_is_in_one_part_of_each_chart(RepetitionInfo run) {
        Verdict verdict = Verdict.of(new RandomPlans(run.getCurrentRepetition()).plan());
        double seconds = verdict.plan().brief().rate().secondsOf(verdict.cut().frames());
        Set<UUID> uses = verdict.plan().uses().stream().map(Use::id).collect(Collectors.toSet());

        for (Chart chart : Balance.of(verdict)) {
            assertThat(chart.parts().stream().mapToDouble(Part::seconds).sum()).isCloseTo(seconds, within(1e-6));
            List<UUID> shown =
                    chart.parts().stream().flatMap(part -> part.uses().stream()).toList();
            assertThat(shown).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(uses);
        }
    }

    @Test
    void an_empty_cut_has_no_balance() {
        assertThat(Balance.of(Verdict.of(new SamplePlan().build()))).isEmpty();
    }
}
