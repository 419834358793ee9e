package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Rule;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.ScreenTravel;
import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;

/** What is said of where a camera stands, as it is shown on the plan: not of rates, light or time. */
public final class OnTheGround {

    /** Said on the plan alone: whether it matters in the cut is said at the joint. */
    public static final String OVER_THE_LINE = "over-the-line";

    private static final Set<String> THERE = Stream.concat(
                    ShotRule.PLACING.stream(), Stream.of(new InTheMirror(), new OwnShadow()))
            .map(Rule::id)
            .collect(Collectors.toUnmodifiableSet());

    private OnTheGround() {}

    /** The findings of a shot that are about its place, whether it is over the line, and whether it sees another camera. */
    public static List<Finding> of(Plan plan, Shot shot, List<Finding> findings) {
        return Stream.of(
                        findings.stream().filter(finding -> THERE.contains(finding.ruleId())),
                        overTheLine(plan, shot).stream(),
                        OtherCamera.of(plan, shot).stream())
                .flatMap(found -> found)
                .toList();
    }

    private static Optional<Finding> overTheLine(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        ScreenTravel kept =
                action.side() == Side.LEFT_TO_RIGHT ? ScreenTravel.LEFT_TO_RIGHT : ScreenTravel.RIGHT_TO_LEFT;
        ScreenTravel shown = ScreenTravel.of(shot.bearingDeg(), false, plan.threshold(Threshold.NEUTRAL_WITHIN));
        double mirrored = Degrees.wrap(-shot.bearingDeg());
        return action.line() == Line.NONE || !shown.opposes(kept)
                ? Optional.empty()
                : Optional.of(new Finding(
                        OVER_THE_LINE,
                        Status.WATCH,
                        List.of(shot.id()),
                        "Over the line.",
                        Measured.unwanted(),
                        "From there “%s” goes %s; the side that is kept shows it %s."
                                .formatted(action.name(), shown.label(), kept.label()),
                        List.of(new Mend(
                                "Move it to the near side, %s".formatted(Wording.place(mirrored)),
                                Change.edit(shot, one -> one.withBearingDeg(mirrored))))));
    }
}
