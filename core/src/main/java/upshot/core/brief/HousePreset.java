package upshot.core.brief;

import java.util.ArrayList;
import java.util.List;
import upshot.core.house.CoverageSchool;
import upshot.core.house.EyeSchool;
import upshot.core.house.HoldSchool;
import upshot.core.house.LightSchool;
import upshot.core.house.MovementSchool;
import upshot.core.house.OrderSchool;
import upshot.core.house.ShutterSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.Labelled;
import upshot.core.plan.Change;
import upshot.core.plan.Field;
import upshot.core.plan.HouseRules;
import upshot.core.plan.RecordKind;

/** Schools that usually go together for one kind of job. */
public enum HousePreset implements Labelled {
    EVENT("Event") {
        @Override
        HouseRules rules(HouseRules now) {
            return new HouseRules(
                    now.id(),
                    CoverageSchool.TRIAD,
                    HoldSchool.LONG,
                    ShutterSchool.HALF_OPEN,
                    SpeedSchool.SPARE,
                    LightSchool.NATURAL,
                    EyeSchool.FREE,
                    MovementSchool.MOTIVATED,
                    OrderSchool.SOON_GONE_FIRST,
                    now.telling(),
                    now.pace(),
                    false);
        }
    },
    PERFORMER("Performer") {
        @Override
        HouseRules rules(HouseRules now) {
            return new HouseRules(
                    now.id(),
                    CoverageSchool.PERFORMANCE,
                    HoldSchool.AS_LONG_AS_IT_LASTS,
                    ShutterSchool.HALF_OPEN,
                    SpeedSchool.SPARE,
                    LightSchool.SHAPED,
                    EyeSchool.FREE,
                    MovementSchool.KEEP_MOVING,
                    OrderSchool.MASTER_FIRST,
                    now.telling(),
                    now.pace(),
                    false);
        }
    },
    PRODUCT("Product") {
        @Override
        HouseRules rules(HouseRules now) {
            return new HouseRules(
                    now.id(),
                    CoverageSchool.PRODUCT,
                    HoldSchool.AS_ASKED,
                    ShutterSchool.CRISP,
                    SpeedSchool.HIGH_FOR_OPTIONS,
                    LightSchool.SHAPED,
                    EyeSchool.HOLD,
                    MovementSchool.MOTIVATED,
                    OrderSchool.MUSTS_FIRST,
                    now.telling(),
                    now.pace(),
                    true);
        }
    },
    TRAVELLING("Travelling subject") {
        @Override
        HouseRules rules(HouseRules now) {
            return new HouseRules(
                    now.id(),
                    CoverageSchool.TRIAD,
                    HoldSchool.AS_ASKED,
                    ShutterSchool.HALF_OPEN,
                    SpeedSchool.VARIED,
                    LightSchool.NATURAL,
                    EyeSchool.HOLD,
                    MovementSchool.KEEP_MOVING,
                    OrderSchool.MUSTS_FIRST,
                    now.telling(),
                    now.pace(),
                    false);
        }
    },
    INTERVIEW_LED("Interview-led") {
        @Override
        HouseRules rules(HouseRules now) {
            return new HouseRules(
                    now.id(),
                    CoverageSchool.TRIPLE,
                    HoldSchool.LONG,
                    ShutterSchool.HALF_OPEN,
                    SpeedSchool.SPARE,
                    LightSchool.SHAPED,
                    EyeSchool.FREE,
                    MovementSchool.ANCHORED,
                    OrderSchool.MASTER_FIRST,
                    now.telling(),
                    now.pace(),
                    true);
        }
    };

    private final String label;

    HousePreset(String label) {
        this.label = label;
    }

    abstract HouseRules rules(HouseRules now);

    @Override
    public String label() {
        return label;
    }

    /** What choosing it changes; nothing where all of it holds already. */
    public Change.Batch choose(HouseRules now) {
        HouseRules wanted = rules(now);
        List<Change> changes = new ArrayList<>();
        for (Field field : RecordKind.HOUSE.fields()) {
            if (!field.of(now).equals(field.of(wanted))) {
                changes.add(Change.set(now, field.name(), field.of(wanted)));
            }
        }
        return Change.batch(changes);
    }

    /** Whether exactly these schools hold. */
    public boolean holds(HouseRules now) {
        return rules(now).equals(now);
    }
}
