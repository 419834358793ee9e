package upshot.core.coverage;

import upshot.core.ground.Stand;
import upshot.core.measure.Labelled;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.shot.ShotNumbers;
import upshot.core.size.CameraHeight;

/** What a school asks of a shot beside its size: from how high, how steeply, how long. */
public enum View implements Labelled {
    ANY(""),
    LOW("low"),
    EYE("eye height"),
    HIGH("high"),
    MASTER("whole run"),
    LEVEL("level"),
    FORTY_FIVE("45°"),
    OVERHEAD("overhead"),
    TURNING("turning"),
    FRAGMENT("fragment");

    private static final double LEVEL_WITHIN_DEG = 20;
    private static final double STEEP_FROM_DEG = 30;

    private final String label;

    View(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether a shot shows it so. */
    public boolean shows(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        double elevation = stand.elevationDeg();
        return switch (this) {
            case ANY -> true;
            case LOW -> stand.height(shot) == CameraHeight.LOW;
            case EYE -> stand.height(shot).counted() == CameraHeight.EYE;
            case HIGH ->
                stand.height(shot) == CameraHeight.HIGH
                        || stand.height(shot) == CameraHeight.RAISED
                        || stand.height(shot) == CameraHeight.FROM_45;
            case MASTER ->
                ShotNumbers.of(plan, shot).hold().cleanS()
                        >= plan.actionOf(shot).durationS();
            case LEVEL -> Math.abs(elevation) < LEVEL_WITHIN_DEG;
            case FORTY_FIVE -> elevation >= STEEP_FROM_DEG && elevation < CameraHeight.OVERHEAD_FROM_DEG;
            case OVERHEAD -> elevation >= CameraHeight.OVERHEAD_FROM_DEG;
            case FRAGMENT -> stand.aim().faceless();
            case TURNING -> shot.support() == Support.TURNTABLE;
        };
    }
}
