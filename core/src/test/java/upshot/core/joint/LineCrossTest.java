package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

class LineCrossTest extends JointOnSample {

    private final LineCross rule = new LineCross();
    private final Action looking = sample.action(one -> one.with("line", Line.LOOK));

    @ParameterizedTest
    @CsvSource({"60, 300, WATCH", "60, 90, ''", "20, 340, WATCH", "60, 341, ''", "19, 300, ''"})
    void a_look_seen_from_both_sides_is_watched(double from, double to, String expected) {
        sample.use(sample.shot(looking, from));
        sample.use(sample.shot(looking, to));

        assertThat(status(rule, sample.build()).map(Status::name).orElse("")).isEqualTo(expected);
    }

    @Test
    void between_people_it_is_a_break_and_each_mend_ends_it() {
        sample.performer(looking, sample.otherPerson());
        sample.use(sample.shot(looking, 60));
        sample.use(sample.shot(looking, 300));
        Plan plan = sample.build();

        assertThat(status(rule, plan)).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, plan, 0))).isEmpty();
        assertThat(last(rule, mended(rule, plan, 1))).isEmpty();
    }

    @Test
    void a_neutral_view_a_detail_an_overhead_or_an_orbit_across_clears_it() {
        sample.use(sample.shot(looking, 60));
        Shot between = sample.shot(looking, 80);
        sample.use(between);
        sample.use(sample.shot(looking, 300));
        Plan plan = sample.build();

        assertThat(status(rule, plan)).contains(Status.WATCH);
        assertThat(status(rule, set(plan, between, "bearingDeg", 0.0))).isEmpty();
        Plan insert = set(plan, between, "insertHeightM", Optional.of(0.2));
        assertThat(status(rule, set(insert, insert.shots().get(1), "size", Size.INSERT)))
                .isEmpty();
        assertThat(status(rule, set(plan, between, "cameraHeightM", 4.5))).isEmpty();
        Plan orbit = set(plan, between, "move", Move.ORBIT);
        assertThat(status(rule, set(orbit, orbit.shots().get(1), "turnDeg", 90.0)))
                .contains(Status.WATCH);
        assertThat(status(rule, set(orbit, orbit.shots().get(1), "turnDeg", 110.0)))
                .isEmpty();
    }

    @Test
    void travel_other_spots_other_beats_and_declared_returns_are_not_asked() {
        Shot out = sample.shot(looking, 60);
        sample.use(out);
        sample.use(sample.shot(looking, 300), Entry.RETURN);
        assertThat(status(rule, sample.build())).isEmpty();
        sample.use(sample.shot(sample.action(), 60));
        assertThat(status(rule, sample.build())).isEmpty();
        Action elsewhere = sample.action(one -> one.with("line", Line.LOOK).with("spotId", sample.nextSpot()));
        sample.use(sample.shot(elsewhere, 60));
        assertThat(status(rule, sample.build())).isEmpty();
    }
}
