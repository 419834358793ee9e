package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Light;
import upshot.core.plan.Noise;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;

/** A hall with a ceiling, whose direction is known, where all that happens has its place: nothing is open. */
class SiteChecksTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action =
            sample.action(one -> one.with("acrossM", Optional.of(3.0)).with("deepM", Optional.of(1.0)));
    private final Spot hall = sample.build().spots().get(0);
    private final List<Change> changes = new ArrayList<>(
            List.of(Change.set(hall, "ceilingM", Optional.of(3.0)), Change.set(hall, "facingDeg", Optional.of(180.0))));

    private List<String> checks(Change... more) {
        List<Change> all = new ArrayList<>(changes);
        all.addAll(List.of(more));
        Plan plan = sample.build().apply(Change.batch(all));
        return SiteChecks.of(plan, plan.spots().get(0));
    }

    private Change stands(Standing.Kind what, String reason, String decides) {
        return new Change.Add(new Standing(
                sample.id(), hall.id(), 1, "kiln line", what, Outline.parse("1 1, 2 1, 2 2"), 0, reason, decides));
    }

    private Change stretch(Stretch.Kind what) {
        return new Change.Add(new Stretch(sample.id(), hall.id(), 1, "", what, 0, 1, 0, 2, 1, 2));
    }

    private Change corner(double acrossM, double deepM, boolean paced) {
        return new Change.Add(new FloorCorner(sample.id(), hall.id(), acrossM + deepM, acrossM, deepM, 3, paced));
    }

    @Test
    void where_all_is_known_nothing_is_open() {
        assertThat(checks()).isEmpty();
    }

    @Test
    void what_was_paced_is_measured() {
        assertThat(checks(corner(0, 0, false), corner(6, 0, true), corner(6, 5, true)))
                .containsExactly("Measure what was only paced: 2 corners, drawn dashed.");
        assertThat(checks(corner(0, 0, false), corner(6, 0, true), corner(6, 5, false)))
                .containsExactly("Measure what was only paced: 1 corner, drawn dashed.");
    }

    @Test
    void what_nobody_has_said_is_asked() {
        changes.clear();
        assertThat(checks(Change.set(action, "acrossM", Optional.empty())))
                .containsExactly(
                        "How high the ceiling is.",
                        "Which way it faces: the compass bearing of the way the plan goes up.",
                        "Where it happens: %s.".formatted(action.name()));
        assertThat(checks(Change.set(hall, "outdoors", true)))
                .as("no ceiling is asked for outdoors")
                .noneMatch(one -> one.contains("ceiling"));
    }

    @Test
    void whoever_decides_is_asked_by_name() {
        assertThat(checks(
                        stands(Standing.Kind.NO_GO, "sparks", "the kiln crew"),
                        stands(Standing.Kind.NO_GO, "", ""),
                        stands(Standing.Kind.WAY_OUT, "", ""),
                        stands(Standing.Kind.WATER, "", ""),
                        stands(Standing.Kind.FURNITURE, "", ""),
                        Change.set(hall, "opensTime", Optional.of(LocalTime.of(9, 0)))))
                .containsExactly(
                        "Ask the kiln crew how far kiln line (sparks) reaches.",
                        "Ask whoever decides how far kiln line reaches.",
                        "How wide kiln line has to stay; local rules decide.",
                        "How near to kiln line anybody may work, and who watches.",
                        "Who opens and locks up: from 09:00 to any time.");
    }

    @Test
    void light_reflections_and_noise_are_looked_and_listened_for() {
        Change lamp = new Change.Add(new Light(sample.id(), "Panel", 1, 60, 4000, true));
        assertThat(checks(lamp)).containsExactly("Where mains sockets are, and what else hangs on their fuse.");
        assertThat(checks(lamp, stretch(Stretch.Kind.SOCKET))).isEmpty();
        assertThat(checks(stretch(Stretch.Kind.MIRROR)))
                .containsExactly("From each stand, look for yourself in the mirrors and panes.");
        assertThat(checks(stretch(Stretch.Kind.GLASS))).hasSize(1);
        assertThat(checks(stretch(Stretch.Kind.WINDOW)))
                .containsExactly("When the sun comes in by the windows, and whether blinds close.");
        assertThat(checks(stretch(Stretch.Kind.WINDOW), Change.set(hall, "outdoors", true)))
                .isEmpty();
        assertThat(checks(stretch(Stretch.Kind.DOOR))).isEmpty();
        assertThat(checks(Change.set(hall, "noise", Noise.LOUD)))
                .containsExactly("Stand still for a minute and listen: it is said to be loud.");
    }
}
