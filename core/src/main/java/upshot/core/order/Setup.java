package upshot.core.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.AroundAction;
import upshot.core.plan.Givens;
import upshot.core.plan.Lens;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Support;
import upshot.core.plan.Taken;
import upshot.core.shot.ShotNumbers;

/**
 * Shots that share a stand and are wanted equally much: one action at one spot from one bearing and height, through one
 * lens on one support at one frame rate. The action belongs to it because a bearing is counted from the action's own
 * line; how much they are wanted, because a day that is too short drops the lesser ones alone.
 *
 * @param action what is filmed
 * @param spot where
 * @param shots at least one, in the order of the action
 * @param stand what they share
 * @param standOfAction number of the stand among those of the action, from 0
 * @param shootMin minutes for all takes with their resets
 */
public record Setup(Action action, Spot spot, List<Shot> shots, CameraPlace stand, int standOfAction, double shootMin) {

    /**
     * Where and with what the camera stands.
     *
     * @param spotId where it stands: the action's spot, or another that it looks in or out from
     * @param lens the lens of the kit that reaches the focal length, or the length where none does
     * @param lampsOff whether the lamps of the spot are
     * @param own where lamps of one's own stand, in degrees: key, fill and back
     */
    public record CameraPlace(
            UUID actionId,
            UUID spotId,
            double bearingDeg,
            double heightM,
            String lens,
            Support support,
            FrameRate rate,
            boolean lampsOff,
            List<Optional<Double>> own) {

        static CameraPlace of(Givens plan, Action action, Shot shot) {
            return new CameraPlace(
                    shot.actionId(),
                    shot.cameraSpotId().orElse(action.spotId()),
                    shot.bearingDeg(),
                    shot.cameraHeightM(),
                    lens(plan, shot),
                    shot.support(),
                    shot.captureRate(),
                    shot.lampsOff(),
                    List.of(shot.keyDeg(), shot.fillDeg(), shot.backDeg()));
        }

        private static String lens(Givens plan, Shot shot) {
            return plan.lenses().stream()
                    .filter(lens -> lens.reaches(shot.focalLengthMm()))
                    .findFirst()
                    .map(Lens::name)
                    .orElseGet(() -> shot.focalLengthMm() + " mm");
        }
    }

    /** A zoom from one size to the next while the camera rolls. */
    public static final double ZOOM_S = 3;

    private record Shared(CameraPlace stand, Priority priority) {}

    private record OfAction(List<Setup> setups) {}

    public Setup {
        shots = List.copyOf(shots);
    }

    /** All setups of a plan, in story order of their first shots. */
    public static List<Setup> of(Plan plan) {
        return plan.actions().stream()
                .flatMap(action ->
                        plan.remember(OfAction.class, action, around -> workedOut(around, action)).setups().stream())
                .toList();
    }

    private static OfAction workedOut(AroundAction plan, Action action) {
        Map<Shared, List<Shot>> byStand = new LinkedHashMap<>();
        List<Shot> shots = plan.shotsOf(action);
        shots.forEach(shot -> {
            Priority wanted = action.taken() == Taken.REFRAMED ? mostWanted(shots) : shot.priority();
            byStand.computeIfAbsent(new Shared(CameraPlace.of(plan, action, shot), wanted), none -> new ArrayList<>())
                    .add(shot);
        });
        List<CameraPlace> stands =
                byStand.keySet().stream().map(Shared::stand).distinct().toList();
        return new OfAction(byStand.entrySet().stream()
                .map(entry -> new Setup(
                        action,
                        plan.spotOf(action),
                        entry.getValue(),
                        entry.getKey().stand(),
                        stands.indexOf(entry.getKey().stand()),
                        shootS(plan, action, entry.getValue()) / 60))
                .toList());
    }

    /**
     * The shots one after the other; where the action tires its subject and is long enough for the clean seconds of all
     * of them, one run is reframed for every size, so that it is made ready again only between the takes.
     */
    private static double shootS(Around plan, Action action, List<Shot> shots) {
        if (action.taken() == Taken.REFRAMED && shots.size() > 1) {
            return reframedS(plan, action, shots);
        }
        double apart = 0;
        double clean = 0;
        double rolling = 0;
        int takes = 0;
        for (Shot shot : shots) {
            ShotNumbers numbers = ShotNumbers.of(plan, shot);
            apart += numbers.shotTimeS();
            clean += numbers.hold().cleanS();
            rolling += numbers.hold().rollS() * shot.takes();
            takes = Math.max(takes, shot.takes());
        }
        boolean oneRun = action.tiring() && clean <= action.durationS();
        return oneRun ? Math.min(apart, rolling + (takes - 1) * action.resetMin() * 60) : apart;
    }

    /** Settle, the action or all parts with the zooms between them, and the tail; a reset between the takes. */
    private static double reframedS(Around plan, Action action, List<Shot> shots) {
        double parts = ZOOM_S * (shots.size() - 1);
        double besideS = 0;
        int takes = 0;
        for (Shot shot : shots) {
            ShotNumbers numbers = ShotNumbers.of(plan, shot);
            parts += numbers.hold().cleanS();
            besideS = numbers.hold().rollS() - numbers.hold().cleanS();
            takes = Math.max(takes, shot.takes());
        }
        double rollS = besideS + Math.max(action.durationS(), parts);
        return takes * rollS + (takes - 1) * action.resetMin() * 60;
    }

    public Shot first() {
        return shots.get(0);
    }

    public Support support() {
        return stand.support();
    }

    public String lens() {
        return stand.lens();
    }

    /** How much its shots are wanted, all alike; as the most wanted where one run is reframed for them. */
    public Priority priority() {
        return mostWanted(shots);
    }

    private static Priority mostWanted(List<Shot> shots) {
        Priority most = shots.get(0).priority();
        for (Shot shot : shots) {
            most = shot.priority().compareTo(most) < 0 ? shot.priority() : most;
        }
        return most;
    }

    /** Whether the same shots are made in it, however they may look by now. */
    boolean sameShots(Setup other) {
        boolean same = shots.size() == other.shots.size();
        for (int i = 0; same && i < shots.size(); i++) {
            same = shots.get(i).id().equals(other.shots.get(i).id());
        }
        return same;
    }

    /** The codes of its shots, "T1, T2". */
    public String codes() {
        return String.join(", ", shots.stream().map(Shot::code).toList());
    }

    /** Whether it is in the hands of the moment, and cameras that take it do so in the same run. */
    public boolean onceOnly() {
        return action.once() || action.fixedTime().isPresent();
    }
}
