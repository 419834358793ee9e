package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.finding.Status;
import upshot.core.order.LaterWrap;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.propose.TypedJob;
import upshot.core.shot.ShotRule;
import upshot.core.verdict.Verdict;

/** Jobs of other trades than the workshop, typed line by line through the gestures of the pages, up to a day that holds. */
class FiveJobsTest extends GestureOnSample {

    private static final Map<String, List<List<String>>> LINES = Map.of(
            "evening",
            List.of(
                    List.of("Cars arrive at the hotel door from 18:00", "Guests hand in their coats repeats"),
                    List.of(
                            "Waiters pour sparkling wine repeats",
                            "The host opens the evening at 19:30 once speaks",
                            "The winner lifts the trophy at 20:15 once",
                            "Guests dance to the band repeats"),
                    List.of("Last guests leave through the lobby")),
            "flask",
            List.of(
                    List.of("A frosted window at dawn"),
                    List.of(
                            "Steam rises from the flask 4 s repeats",
                            "Coffee is poured into the lid 3 s repeats messy",
                            "A hand screws the lid tight repeats",
                            "The flask stands in snow repeats"),
                    List.of("A hiker drinks on a rock repeats")),
            "regatta",
            List.of(
                    List.of("Rowers carry the boats to the water repeats"),
                    List.of(
                            "The crew warms up on the jetty repeats",
                            "The start gun goes at 10:00 once",
                            "Eights pass the bend at 10:20 once left to right",
                            "The cox shouts repeats",
                            "A coach cycles along the bank repeats right to left"),
                    List.of("The winners throw the cox in at 10:50 once")),
            "rehearsal",
            List.of(
                    List.of("Dancers tape their feet repeats"),
                    List.of(
                            "The choreographer counts in repeats",
                            "Two dancers lift and turn 12 s repeats",
                            "The company runs across the floor 6 s repeats left to right",
                            "The pianist plays repeats"),
                    List.of("A dancer lies on the floor and breathes repeats")),
            "courier",
            List.of(
                    List.of("A courier locks his bag repeats"),
                    List.of(
                            "The bike rides over the bridge 10 s repeats left to right",
                            "A parcel is scanned at the door repeats",
                            "The rider waits at lights repeats",
                            "Rain drips from the helmet repeats"),
                    List.of("A child waves at the window repeats")));

    private Plan typed(String job) {
        Plan plan = TypedJob.empty();
        List<List<String>> beats = LINES.get(job);
        for (int beat = 0; beat < beats.size(); beat++) {
            for (String line : beats.get(beat)) {
                Map<String, String> sent = new HashMap<>();
                sent.put("line", line);
                sent.put("beatId", plan.beats().get(beat).id().toString());
                sent.put("spotId", plan.spots().get(0).id().toString());
                plan = after(plan, "add-line", sent);
            }
        }
        return plan;
    }

    @ParameterizedTest
    @ValueSource(strings = {"evening", "flask", "regatta", "rehearsal", "courier"})
    void lines_become_pictures_a_cut_and_a_day(String job) {
        Plan filled = after(typed(job), "fill", Map.of());
        assertThat(filled.shots())
                .isNotEmpty()
                .allSatisfy(shot -> assertThat(ShotRule.judgeAll(filled, shot))
                        .as(shot.code())
                        .noneMatch(finding -> finding.status() == Status.BREAK));

        Verdict cut = Verdict.of(after(filled, "arrange", Map.of("seed", "1")));
        assertThat(cut.cut().missingFrames()).isZero();
        assertThat(cut.joints())
                .allSatisfy(joint -> assertThat(joint).noneMatch(finding -> finding.status() == Status.BREAK));

        boolean lies = LaterWrap.of(filled, ShootingOrder.of(filled)).isPresent();
        assertThat(lies).as("something lies after the wrap").isEqualTo(job.equals("evening"));
        Plan longer = lies ? after(filled, "wrap-later", Map.of()) : filled;
        assertThat(ShootingOrder.of(longer).dropped())
                .noneMatch(left -> left.setup().priority() == Priority.MUST);
    }
}
