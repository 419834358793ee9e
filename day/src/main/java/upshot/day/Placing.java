package upshot.day;

import java.util.List;
import upshot.day.DayState.Clock;
import upshot.day.DayState.Run;

/** Puts one setup on the clock, within the hours in which it can be shot. */
final class Placing {

    private final DayProblem problem;
    private final int readyBeforeMin;

    Placing(DayProblem problem) {
        this.problem = problem;
        this.readyBeforeMin = (int) Math.ceil(problem.readyBeforeMin());
    }

    /**
     * @param pinned when getting ready begins, −1 where nobody has said
     * @param rested the first minute at which everybody in it has rested, 0 for any
     * @param breaches what it breaks is put there
     */
    Clock at(int index, DayCrew crew, DaySetup next, Run run, int pinned, int rested, List<Breach> breaches) {
        Windows windows = next.windows().get(index);
        return next.fixed().isPresent()
                ? atTheMoment(crew, windows, next.fixed().get(), run, breaches)
                : whenItCan(crew, windows, next, run, pinned, rested, breaches);
    }

    /** The moment is the margin: nothing is added to the rigging, the camera stands ready before it. */
    private Clock atTheMoment(DayCrew crew, Windows windows, DaySetup.Moment fixed, Run run, List<Breach> breaches) {
        int ready = fixed.atMin() - readyBeforeMin;
        int start = ready - DayClock.roundedUp(run.changeMin());
        int end = fixed.atMin() + Math.max(1, DayClock.roundedUp(fixed.lastsMin()));
        if (start < run.freeMin()) {
            breaches.add(new Breach(Limit.MOMENT, run.freeMin() - start));
        }
        boolean fits = false;
        for (Windows.Span span : windows.spans()) {
            fits |= span.fromMin() <= fixed.atMin() && end <= span.untilMin();
        }
        if (!fits) {
            int over = end - crew.wrapMin();
            breaches.add(over > 0 ? new Breach(Limit.WRAP, over) : new Breach(Limit.HOURS, 1));
        }
        return new Clock(start, ready, fixed.atMin(), end, Math.max(0, start - run.freeMin()), List.of());
    }

    private Clock whenItCan(
            DayCrew crew, Windows windows, DaySetup next, Run run, int pinned, int rested, List<Breach> breaches) {
        int rig = (int) Math.floor(run.changeMin() * problem.margin() + 1e-3);
        int shootMin = DayClock.roundedUp((run.changeMin() + run.shootMin()) * problem.margin()) - rig;
        int ready = next.once() ? readyBeforeMin : 0;
        int free = Math.max(run.freeMin(), windows.rigFromMin());
        if (pinned >= 0 && pinned < free) {
            breaches.add(new Breach(Limit.PINNED, free - pinned));
        }
        int begin = pinned >= 0 ? pinned : free;
        // Somebody tired is shot all the same where there is no time for a rest.
        int[] earliest = pinned < 0 && rested > begin + rig + ready ? new int[] {rested, 0} : new int[] {0};
        for (int notBefore : earliest) {
            for (Windows.Span span : windows.spans()) {
                int roll = Math.max(Math.max(begin + rig + ready, notBefore), span.fromMin());
                int end = roll + shootMin;
                if (end <= span.untilMin()) {
                    int start = pinned >= 0 ? pinned : roll - ready - rig;
                    return new Clock(start, start + rig, roll, end, span.untilMin() - end, List.of());
                }
            }
        }
        int end = begin + rig + ready + shootMin;
        int last = windows.spans().isEmpty()
                ? crew.callMin()
                : windows.spans().get(windows.spans().size() - 1).untilMin();
        breaches.add(new Breach(windows.bounded() ? Limit.HOURS : Limit.WRAP, Math.max(1, end - last)));
        return new Clock(begin, begin + rig, begin + rig + ready, end, 0, List.of());
    }
}
