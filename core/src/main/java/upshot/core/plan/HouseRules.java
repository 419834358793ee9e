package upshot.core.plan;

import java.util.UUID;
import upshot.core.house.CoverageSchool;
import upshot.core.house.EyeSchool;
import upshot.core.house.HoldSchool;
import upshot.core.house.LightSchool;
import upshot.core.house.MovementSchool;
import upshot.core.house.OrderSchool;
import upshot.core.house.PaceSchool;
import upshot.core.house.ShutterSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.house.TellingSchool;

/**
 * The schools that hold for this job. A plan has exactly one.
 *
 * @param telling how the story is told
 * @param pace how long a picture stands
 * @param mirrorEnding whether the closing image mirrors the opening
 */
public record HouseRules(
        UUID id,
        CoverageSchool coverage,
        HoldSchool hold,
        ShutterSchool shutter,
        SpeedSchool speed,
        LightSchool light,
        EyeSchool eye,
        MovementSchool movement,
        OrderSchool dayOrder,
        TellingSchool telling,
        PaceSchool pace,
        boolean mirrorEnding)
        implements PlanRecord {

    public HouseRules {
        Check.present("id", id);
        Check.chosen("coverage", "school of coverage", coverage);
        Check.chosen("hold", "school of holds", hold);
        Check.chosen("shutter", "school of the shutter", shutter);
        Check.chosen("speed", "school of speed", speed);
        Check.chosen("light", "school of light", light);
        Check.chosen("eye", "school of the eye", eye);
        Check.chosen("movement", "school of movement", movement);
        Check.chosen("dayOrder", "school of order", dayOrder);
        Check.chosen("telling", "school of telling", telling);
        Check.chosen("pace", "pace", pace);
    }

    /** What holds until somebody chooses. */
    public static HouseRules usual(UUID id) {
        return new HouseRules(
                id,
                CoverageSchool.TRIAD,
                HoldSchool.AS_ASKED,
                ShutterSchool.HALF_OPEN,
                SpeedSchool.SPARE,
                LightSchool.NATURAL,
                EyeSchool.FREE,
                MovementSchool.MOTIVATED,
                OrderSchool.MUSTS_FIRST,
                TellingSchool.SEQUENCES,
                PaceSchool.USUAL,
                false);
    }

    @Override
    public String label() {
        return "house rules";
    }
}
