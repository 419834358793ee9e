package upshot.core.plan;

import java.util.UUID;

/** One row of a plan. Records are flat and immutable; the id is made by whoever adds the record and never changes. */
public sealed interface PlanRecord
        permits Brief,
                HouseRules,
                Adjustment,
                TempoMark,
                VoiceOver,
                Moment,
                StoryBeat,
                Spot,
                Walk,
                Subject,
                Body,
                Mode,
                Lens,
                Dioptre,
                NdFilter,
                Carrier,
                Card,
                Light,
                Action,
                Performer,
                Shot,
                Use,
                Accepted,
                ExtraCrew,
                Turn,
                Rest,
                FloorCorner,
                Stretch,
                Standing,
                Waypoint,
                Underlay {

    UUID id();

    /** Where the record stands among its kind: lower first. Ranks have gaps, so that a move changes one record only. */
    default double rank() {
        return 0;
    }

    /** How a person would name this record in a sentence. */
    String label();
}
