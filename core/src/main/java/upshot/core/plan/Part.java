package upshot.core.plan;

/** Fields of a record that belong together. In changes, files and rows they stand among the others, under their own names. */
public sealed interface Part
        permits ActionCoverage,
                ActionDirection,
                ActionNature,
                ActionPlace,
                ActionSound,
                ActionThing,
                ActionTiming,
                ShotCloseUp,
                ShotComposition,
                ShotExposure,
                ShotFraming,
                ShotGlass,
                ShotLamps,
                ShotMovement,
                ShotPosition,
                ShotTake,
                UseCrop {}
