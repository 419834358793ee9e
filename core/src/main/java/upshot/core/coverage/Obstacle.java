package upshot.core.coverage;

import java.util.List;
import java.util.UUID;
import upshot.core.finding.Finding;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Support;
import upshot.core.shot.ShotRule;

/** Why no shot fills a hole, and what would have to change. */
final class Obstacle {

    private Obstacle() {}

    /** Whether as many pictures are planned of what happens once as there are cameras and reframes. */
    static boolean happensOnce(Plan plan, Hole hole) {
        Action action = plan.get(RecordKind.ACTION, hole.actionId());
        return action.once()
                && !action.stagedAgain()
                && !action.feature()
                && plan.shotsOf(action).size() >= new Shown(plan, shot -> true).owed(action);
    }

    static String once(Plan plan, Hole hole) {
        int pictures =
                plan.shotsOf(plan.get(RecordKind.ACTION, hole.actionId())).size();
        return "It happens once and has %s, as many as the cameras can take. Can it be done again for the camera, or filmed in one run with another size in it?"
                .formatted(Wording.count(pictures, "picture"));
    }

    static String to(Plan plan, Hole hole, UUID id) {
        List<Shot> all = new Candidates(plan, hole, id).all().toList();
        Support support = all.get(0).support();
        if (!Candidates.carries(plan, support)) {
            return "The kit has no %s: add one, or choose another school.".formatted(support.label());
        }
        List<Shot> viewed =
                all.stream().filter(shot -> hole.view().shows(plan, shot)).toList();
        List<Shot> standing =
                viewed.stream().filter(shot -> ShotRule.canStand(plan, shot)).toList();
        if (viewed.isEmpty()) {
            return "No lens of the kit shows it %s from where a support can hold it."
                    .formatted(hole.view().label());
        }
        if (standing.isEmpty()) {
            return room(plan, hole, viewed);
        }
        if (standing.stream().filter(shot -> Fill.distinct(plan, shot)).allMatch(shot -> Fill.gone(plan, shot))
                && standing.stream().anyMatch(shot -> Fill.distinct(plan, shot))) {
            return "It is through the frame before it is seen, from wherever the room allows: a longer lens from farther off"
                    + " to pan with it, or a gimbal to go along, would help.";
        }
        return standing.stream().anyMatch(shot -> Fill.distinct(plan, shot))
                ? "Whatever can be shot from there would be no other %s.".formatted(hole.label())
                : alike(plan, hole, standing);
    }

    /** The nearest miss: the candidate that needs the least room. */
    private static String room(Plan plan, Hole hole, List<Shot> viewed) {
        Spot spot = plan.spotOf(plan.get(RecordKind.ACTION, hole.actionId()));
        double least = viewed.stream()
                .mapToDouble(shot -> Stand.of(plan, shot).groundDistanceM())
                .min()
                .orElseThrow();
        if (least > spot.roomM()) {
            return "It needs at least %s to stand back and %s gives %s: a shorter lens or more room would help."
                    .formatted(Wording.metres(least), spot.name(), Wording.metres(spot.roomM()));
        }
        Finding first = ShotRule.placing(plan, viewed.get(0)).get(0);
        return "%s %s".formatted(first.title(), first.sentence());
    }

    private static String alike(Plan plan, Hole hole, List<Shot> standing) {
        long others = plan.shotsOf(plan.get(RecordKind.ACTION, hole.actionId())).size();
        return "Each of %s is too like what is there (%s): turn or resize one of those, or free the other side."
                .formatted(Wording.count(standing.size(), "stand"), Wording.count(others, "shot"));
    }
}
