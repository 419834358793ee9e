package upshot.core.late;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Labelled;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;

/**
 * Something that may happen to the day.
 *
 * @param time local to the place
 * @param subjectId who leaves, where somebody does
 */
public record WhatIf(Kind what, LocalTime time, Optional<UUID> subjectId) {

    /** What may happen. */
    public enum Kind implements Labelled {
        WRAP("we have only until"),
        RAIN("rain outdoors until"),
        LEAVES("somebody leaves at");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** What it comes to, as a change to the plan. */
    public Change.Batch change(Plan plan) {
        List<Change> changes = new ArrayList<>();
        switch (what) {
            case WRAP -> changes.add(Change.edit(plan.brief(), one -> one.withWrapTime(time)));
            case RAIN -> rain(plan, changes);
            case LEAVES -> changes.add(Change.edit(leaving(plan), one -> one.withUntilTime(Optional.of(time))));
        }
        return Change.batch(changes);
    }

    /** Nobody gets ready outdoors before the rain is over. */
    private void rain(Plan plan, List<Change> changes) {
        Brief brief = plan.brief();
        int dry = brief.minutesAfterCall(time);
        for (Spot spot : plan.spots()) {
            boolean openLater = spot.opensTime()
                    .filter(opens ->
                            brief.minutesAfterCall(opens) <= brief.dayMinutes() && brief.minutesAfterCall(opens) >= dry)
                    .isPresent();
            if (spot.outdoors() && !openLater) {
                changes.add(Change.edit(spot, one -> one.withOpensTime(Optional.of(time))));
            }
        }
        if (changes.isEmpty()) {
            throw new InvalidField("time", "No spot lies under the sky: rain changes nothing.");
        }
    }

    private Subject leaving(Plan plan) {
        return subjectId
                .flatMap(id -> plan.find(RecordKind.SUBJECT, id))
                .orElseThrow(() -> new InvalidField("subjectId", "Choose who leaves."));
    }

    /** The assumption as a sentence. */
    public String said(Plan plan) {
        return switch (what) {
            case WRAP -> "We have only until %s".formatted(time);
            case RAIN -> "Rain outdoors until %s".formatted(time);
            case LEAVES -> "%s leaves at %s".formatted(leaving(plan).name(), time);
        };
    }
}
