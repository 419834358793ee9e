package upshot.core.shot;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Say;
import upshot.core.finding.Status;
import upshot.core.plan.Change;
import upshot.core.plan.Lens;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** The focus mark is nearer than the lens can be set. */
final class TooClose implements ShotRule {

    @Override
    public String id() {
        return "too-close";
    }

    @Override
    public Optional<Finding> judge(Plan plan, Shot shot) {
        return Glass.of(plan, shot)
                .filter(lens -> markM(plan, shot) < lens.nearLimitM())
                .map(lens -> finding(plan, shot, lens));
    }

    private static double markM(Plan plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        return stand.sensor().focusMarkM(shot.focalLengthMm(), stand.framing().heightM());
    }

    private Finding finding(Plan plan, Shot shot, Lens lens) {
        double mark = markM(plan, shot);
        return new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Too close for the %s.".formatted(lens.name()),
                new Measured(mark, lens.nearLimitM(), "m"),
                "It focuses from %s, this needs %s.".formatted(Say.metres(lens.nearLimitM()), Say.metres(mark)),
                Glass.settings(plan)
                        .filter(other -> reaches(plan, shot, other))
                        .min(Comparator.comparingDouble(
                                other -> Math.abs(Math.log(other.focalLengthMm() / shot.focalLengthMm()))))
                        .map(other -> new Mend(
                                "Take the %s".formatted(other.label()),
                                Change.set(shot, "focalLengthMm", other.focalLengthMm())))
                        .stream()
                        .toList());
    }

    private static boolean reaches(Plan plan, Shot shot, Glass.Setting setting) {
        Shot changed = shot.with("focalLengthMm", setting.focalLengthMm());
        return markM(plan, changed) >= setting.lens().nearLimitM()
                && Stand.of(plan, changed).groundDistanceM()
                        <= plan.spotOf(plan.actionOf(shot)).roomM();
    }
}
