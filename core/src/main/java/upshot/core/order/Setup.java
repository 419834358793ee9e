package upshot.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Support;
import upshot.core.shot.ShotNumbers;

/**
 * Shots that share a stand: one action at one spot from one bearing and height, through one lens on one support at one
 * frame rate. The action belongs to it because a bearing is counted from the action's own line.
 *
 * @param action what is filmed
 * @param spot where
 * @param shots at least one, in the order of the action
 * @param shootMin minutes for all takes with their resets
 */
public record Setup(Action action, Spot spot, List<Shot> shots, double shootMin) {

    private record Stand(
            UUID actionId,
            double bearingDeg,
            double heightM,
            double focalMm,
            Support support,
            FrameRate rate,
            List<Object> light) {
        static Stand of(Shot shot) {
            return new Stand(
                    shot.actionId(),
                    shot.bearingDeg(),
                    shot.cameraHeightM(),
                    shot.focalLengthMm(),
                    shot.support(),
                    shot.captureRate(),
                    lightOf(shot));
        }
    }

    /** The lamps of the spot and those of one's own. */
    private static List<Object> lightOf(Shot shot) {
        return List.of(shot.lampsOff(), shot.keyDeg(), shot.fillDeg(), shot.backDeg());
    }

    /** Whether lamps of one's own stand differently, and some are used. */
    boolean lightsDifferFrom(Setup before) {
        List<Object> own = lightOf(first()).subList(1, 4);
        boolean used = own.stream().anyMatch(lamp -> !lamp.equals(Optional.empty()));
        return used && (before == null || !own.equals(lightOf(before.first()).subList(1, 4)));
    }

    public Setup {
        shots = List.copyOf(shots);
    }

    /** All setups of a plan, in story order of their first shots. */
    public static List<Setup> of(Plan plan) {
        Map<Stand, List<Shot>> byStand = new LinkedHashMap<>();
        plan.shots()
                .forEach(shot -> byStand.computeIfAbsent(Stand.of(shot), none -> new ArrayList<>())
                        .add(shot));
        return byStand.values().stream().map(shots -> of(plan, shots)).toList();
    }

    private static Setup of(Plan plan, List<Shot> shots) {
        Action action = plan.actionOf(shots.get(0));
        double seconds = shots.stream()
                .mapToDouble(shot -> ShotNumbers.of(plan, shot).shotTimeS())
                .sum();
        return new Setup(action, plan.spotOf(action), shots, seconds / 60);
    }

    public Shot first() {
        return shots.get(0);
    }

    public Support support() {
        return first().support();
    }
}
