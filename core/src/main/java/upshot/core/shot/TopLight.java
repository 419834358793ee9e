package upshot.core.shot;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.light.LightHour;
import upshot.core.light.SunOnView;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.size.SubjectKind;

/** The sun stands so high that eyes lie in shadow. */
final class TopLight implements ShotRule {

    private static final Duration STEP = Duration.ofMinutes(5);

    @Override
    public String id() {
        return "top-light";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Light from above",
                "The sun does not stand so high that eyes lie in shadow.",
                "A face without eyes says nothing.",
                RuleCard.Source.TRADE,
                Bound.of("from above when higher than", SunOnView.TOP_ABOVE_DEG, "°"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        boolean face = plan.subjectOf(shot).kind() == SubjectKind.PERSON && shot.size() != Size.INSERT;
        Optional<SunOnView> sun = face ? SunOnView.of(plan, shot) : Optional.empty();
        return sun.filter(one -> one.from() == SunOnView.From.ABOVE).map(one -> finding(shot, one));
    }

    private Finding finding(Shot shot, SunOnView sun) {
        LightHour hour = sun.hour();
        String when = lower(hour)
                .map(at -> "At %s it stands lower."
                        .formatted(hour.clock(at).withSecond(0).withNano(0)))
                .orElse("It stands no lower while this can be shot: shade or a screen helps.");
        return new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Light from above.",
                new Measured(sun.altitudeDeg(), SunOnView.TOP_ABOVE_DEG, Quantity.DEGREES),
                "About %s the sun stands %s up, over %s: eyes lie in shadow. %s"
                        .formatted(
                                hour.clock(hour.at()).withSecond(0).withNano(0),
                                Wording.degrees(sun.altitudeDeg()),
                                Wording.degrees(SunOnView.TOP_ABOVE_DEG),
                                when),
                List.<Mend>of());
    }

    /** The nearest time within the action's hours at which the sun stands no higher than the limit. */
    private static Optional<Instant> lower(LightHour hour) {
        for (Duration off = STEP; off.compareTo(Duration.ofHours(12)) < 0; off = off.plus(STEP)) {
            for (Instant at : List.of(hour.at().plus(off), hour.at().minus(off))) {
                boolean within = !at.isBefore(hour.hours().from())
                        && at.isBefore(hour.hours().until());
                if (within && hour.day().altitudeDeg(at) <= SunOnView.TOP_ABOVE_DEG) {
                    return Optional.of(at);
                }
            }
        }
        return Optional.empty();
    }
}
