package upshot.core.coverage;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import upshot.core.finding.Status;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotRule;
import upshot.core.size.SizeClass;

/**
 * The rate that the school of slow motion asks of a proposed shot: the timeline's own unless the action is brief, fast
 * or liquid; changing often; or a multiple of the timeline's for everything, to decide in the edit. Speech is always
 * captured at the timeline's rate.
 */
final class FillRate {

    /** Slower than a fifth nothing seems to happen any more. */
    private static final double MOST_TIMES = 5;

    private static final double TWICE = 2;
    private static final double ROUNDING = 1e-6;
    private static final Pattern SPEECH = Pattern.compile(
            "\\b(speech|speaks?|speaking|talks?|talking|says|voices?|words)\\b", Pattern.CASE_INSENSITIVE);

    private FillRate() {}

    /** The shot at the highest rate that suits and that breaks nothing; unchanged where there is none. */
    static Shot chosen(Plan plan, Shot shot, Predicate<Shot> suits) {
        Action action = plan.actionOf(shot);
        if (action.feature() || SPEECH.matcher(action.sound()).find()) {
            return shot;
        }
        double most = mostTimes(plan.house().speed(), action, shot.size().sizeClass());
        return rates(plan, most).stream()
                .map(rate -> shot.withCaptureRate(rate))
                .filter(suits)
                .filter(faster ->
                        ShotRule.judgeAll(plan, faster).stream().noneMatch(finding -> finding.status() == Status.BREAK))
                .findFirst()
                .orElse(shot);
    }

    private static double mostTimes(SpeedSchool school, Action action, SizeClass sizeClass) {
        boolean detail = sizeClass == SizeClass.DETAIL;
        return switch (school) {
            case SPARE -> action.quick() && detail ? MOST_TIMES : 1;
            case VARIED -> action.quick() && sizeClass != SizeClass.WIDE ? MOST_TIMES : detail ? TWICE : 1;
            case HIGH_FOR_OPTIONS -> action.quick() ? MOST_TIMES : TWICE;
        };
    }

    /** Whole multiples of the timeline's rate that the first body records, the quickest first. */
    private static List<FrameRate> rates(Plan plan, double most) {
        FrameRate base = plan.brief().rate();
        return plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .distinct()
                .filter(rate -> rate.over(base) > 1 + ROUNDING && rate.over(base) <= most + ROUNDING)
                .filter(rate -> Math.abs(rate.over(base) - Math.rint(rate.over(base))) < ROUNDING)
                .sorted(Comparator.reverseOrder())
                .toList();
    }
}
