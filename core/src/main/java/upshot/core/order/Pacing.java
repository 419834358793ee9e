package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import upshot.core.house.Threshold;
import upshot.core.order.Pace.Breach;
import upshot.core.order.Pace.Clock;
import upshot.core.order.Pace.Pause;
import upshot.core.order.Pace.Run;

/**
 * Puts one setup after another on the clock. A setup begins as late as what it waits for allows: a window of light, a
 * moment, somebody's hours. Breaks, the meal and copies of full cards go before the setup that would otherwise come too
 * late for them, and cost nothing where the crew waits anyway.
 */
final class Pacing {

    private final Shoot shoot;
    private final double margin;
    private final int readyBeforeMin;
    private final double mealByMin;
    private final double breakAfterMin;
    private final int mealMin;
    private final int breakMin;
    private final Burdens burdens;

    Pacing(Shoot shoot) {
        this.shoot = shoot;
        this.margin = 1 + shoot.table().marginShare();
        this.readyBeforeMin = (int) Math.ceil(shoot.of(Threshold.READY_BEFORE));
        this.mealByMin = shoot.of(Threshold.MEAL_BY);
        this.breakAfterMin = shoot.of(Threshold.BREAK_AFTER);
        this.mealMin = (int) Math.ceil(shoot.of(Threshold.MEAL));
        this.breakMin = (int) Math.ceil(shoot.of(Threshold.BREAK));
        this.burdens = new Burdens(shoot);
    }

    Pace then(Pace before, int setup) {
        Shoot.Part part = shoot.part(setup);
        double change = shoot.changeMin(before.setup(), setup);
        int pinned = shoot.pinnedMin(setup, before.crew());
        List<Breach> breaches = new ArrayList<>(0);
        boolean along = rollsAlong(before, part, pinned);
        Run run = along ? joined(before.run(), change, part) : new Run(before.endMin(), change, part.shootMin(), 1, 0);
        Clock clock = at(before.crew(), part, run, pinned, breaches);
        if (along) {
            clock = with(clock, before.pauses());
        } else if (!before.first()) {
            List<Pause> pauses = pauses(before, clock, part);
            int free = pauses.isEmpty()
                    ? before.endMin()
                    : pauses.get(pauses.size() - 1).untilMin();
            boolean cannotWait = part.fixedMin() >= 0 || pinned >= 0;
            if (free > clock.startMin() && !cannotWait) {
                breaches.clear();
                run = new Run(free, change, part.shootMin(), 1, 0);
                clock = with(at(before.crew(), part, run, pinned, breaches), pauses);
            } else if (free <= clock.startMin()) {
                run = new Run(free, change, part.shootMin(), 1, 0);
                clock = with(clock, pauses);
            }
        }
        order(before, part, along, breaches);
        int idle = Math.max(0, clock.startMin() - run.freeMin());
        return burdens.pace(before, setup, clock, idle(run, idle), breaches, along);
    }

    private static Run joined(Run run, double change, Shoot.Part part) {
        return new Run(
                run.freeMin(),
                run.changeMin() + change,
                Math.max(run.shootMin(), part.shootMin()),
                run.cameras() + 1,
                0);
    }

    private static Run idle(Run run, int idleMin) {
        return new Run(run.freeMin(), run.changeMin(), run.shootMin(), run.cameras(), idleMin);
    }

    private static Clock with(Clock clock, List<Pause> pauses) {
        return new Clock(clock.startMin(), clock.readyMin(), clock.rollMin(), clock.endMin(), clock.spareMin(), pauses);
    }

    /** Cameras take one run together when it happens once, at its own time, or tires the subject. */
    private boolean rollsAlong(Pace before, Shoot.Part part, int pinned) {
        if (before.first()
                || before.run().cameras() >= before.crew().cameras()
                || pinned >= 0 && pinned != before.startMin()) {
            return false;
        }
        Setup last = shoot.part(before.setup()).setup();
        Setup next = part.setup();
        return last.action().id().equals(next.action().id())
                && (next.onceOnly()
                        || next.action().tiring()
                                && last.stand().rate().equals(next.stand().rate()));
    }

    private Clock at(Crew crew, Shoot.Part part, Run run, int pinned, List<Breach> breaches) {
        return part.fixedMin() >= 0
                ? atTheMoment(crew, part, run, breaches)
                : whenItCan(crew, part, run, pinned, breaches);
    }

    /** The moment is the margin: nothing is added to the rigging, the camera stands ready before it. */
    private Clock atTheMoment(Crew crew, Shoot.Part part, Run run, List<Breach> breaches) {
        int ready = part.fixedMin() - readyBeforeMin;
        int start = ready - roundedUp(run.changeMin());
        int end = part.fixedMin() + Math.max(1, roundedUp(part.setup().action().durationS() / 60));
        if (start < run.freeMin()) {
            breaches.add(new Breach(Limit.MOMENT, run.freeMin() - start));
        }
        Hours hours = part.hours(crew);
        if (hours.spans().stream().noneMatch(span -> span.fromMin() <= part.fixedMin() && end <= span.untilMin())) {
            breaches.add(new Breach(end > crew.wrapMin() ? Limit.WRAP : Limit.HOURS, 1));
        }
        return new Clock(start, ready, part.fixedMin(), end, Math.max(0, start - run.freeMin()), List.of());
    }

    private Clock whenItCan(Crew crew, Shoot.Part part, Run run, int pinned, List<Breach> breaches) {
        Hours hours = part.hours(crew);
        int rig = (int) Math.floor(run.changeMin() * margin + 1e-3);
        int shootMin = roundedUp((run.changeMin() + run.shootMin()) * margin) - rig;
        int ready = part.setup().onceOnly() ? readyBeforeMin : 0;
        int free = Math.max(run.freeMin(), hours.rigFromMin());
        if (pinned >= 0 && pinned < free) {
            breaches.add(new Breach(Limit.PINNED, free - pinned));
        }
        int begin = pinned >= 0 ? pinned : free;
        for (Hours.Span span : hours.spans()) {
            int roll = Math.max(begin + rig + ready, span.fromMin());
            int end = roll + shootMin;
            if (end <= span.untilMin()) {
                int start = pinned >= 0 ? pinned : roll - ready - rig;
                return new Clock(start, start + rig, roll, end, span.untilMin() - end, List.of());
            }
        }
        int end = begin + rig + ready + shootMin;
        int last = hours.spans().isEmpty()
                ? crew.callMin()
                : hours.spans().get(hours.spans().size() - 1).untilMin();
        breaches.add(new Breach(hours.bounded() ? Limit.HOURS : Limit.WRAP, Math.max(1, end - last)));
        return new Clock(begin, begin + rig, begin + rig + ready, end, 0, List.of());
    }

    private void order(Pace before, Shoot.Part part, boolean along, List<Breach> breaches) {
        BitSet done = before.carried().done();
        if (!along && done.intersects(part.sameOnce())) {
            breaches.add(0, new Breach(Limit.ONCE, 1));
        }
        if (done.intersects(part.after())) {
            breaches.add(new Breach(Limit.BEFORE, 1));
        }
        if (part.fixedMin() >= 0 && before.crew().dayOffset() > 0) {
            breaches.add(new Breach(Limit.MOMENT, 1));
        }
    }

    /** What has to be put between the setup before and this one, in order. */
    private List<Pause> pauses(Pace before, Clock clock, Shoot.Part part) {
        int free = before.endMin();
        double mealBy = before.crew().callMin() + mealByMin;
        boolean meal = !before.carried().mealTaken() && clock.endMin() > mealBy && free <= mealBy;
        boolean rest = clock.endMin() - before.carried().lastBreakMin() > breakAfterMin;
        boolean full = burdens.cardsFull(before, part);
        if (!meal && !rest && !full) {
            return List.of();
        }
        List<Pause> pauses = new ArrayList<>(2);
        int until = free;
        if (meal || rest) {
            until += meal ? mealMin : breakMin;
            pauses.add(new Pause(meal ? Pause.Kind.MEAL : Pause.Kind.BREAK, free, until));
        }
        int copying = full ? (int) Math.ceil(before.carried().copyMin()) - (until - free) : 0;
        if (copying > 0) {
            pauses.add(new Pause(Pause.Kind.COPY, until, until + copying));
        }
        return pauses;
    }

    /** Whole minutes; a thousandth over does not cost one. */
    static int roundedUp(double minutes) {
        return (int) Math.ceil(minutes - 1e-3);
    }
}
