package upshot.core.learn;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.order.ChangeFigure;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.order.Shoot;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.day.Changes;
import upshot.day.log.Take;

/**
 * The changes of one crew's day, from the last stop at a setup to the first roll at the next. Only those whose minutes say
 * something of the work: not in front of a fixed moment, a planned wait or a break, not beside takes that nobody planned or
 * timed, not back to an action (its reset belongs to it), and not where so much time went by that something else happened.
 */
final class Changeovers {

    private static final double MINUTE_MS = 60_000;
    private static final double SOMETHING_ELSE_MIN = 15;
    private static final double SOMETHING_ELSE_TIMES = 3;

    private final ShotDay shot;
    private final Shoot shoot;
    private final Map<UUID, Integer> setups = new HashMap<>();
    private final Set<Integer> waitedFor = new HashSet<>();
    private final Set<UUID> begun = new HashSet<>();
    private final Map<Support, UUID> lastSpot = new HashMap<>();
    private final List<Spent> spent = new ArrayList<>();

    /** A stay at a setup; no setup where it is not known at which. */
    private record Visit(int setup, double untilMs) {

        private static final Visit UNKNOWN = new Visit(-1, 0);
    }

    private Changeovers(ShotDay shot) {
        this.shot = shot;
        this.shoot = shot.day().day().shoot();
        for (int setup = 0; setup < shoot.size(); setup++) {
            for (Shot one : shoot.setups().get(setup).shots()) {
                setups.put(one.id(), setup);
            }
        }
    }

    /** All changes of a day that say something. */
    static List<Spent> of(ShotDay shot) {
        Changeovers changes = new Changeovers(shot);
        int crews = changes.shoot.crews().size();
        for (int crew = 0; crew < crews; crew++) {
            changes.follow(crew);
        }
        return List.copyOf(changes.spent);
    }

    private void follow(int crew) {
        Set<Integer> ofCrew = ofCrew(crew);
        begun.clear();
        lastSpot.clear();
        Visit before = Visit.UNKNOWN;
        for (Take take : shot.state().takes().stream()
                .sorted(Comparator.comparingDouble(Take::fromMs))
                .toList()) {
            int setup = setup(take);
            if (setup >= 0 && !ofCrew.contains(setup)) {
                continue;
            }
            before = setup < 0 ? Visit.UNKNOWN : after(before, take, setup);
        }
    }

    private Set<Integer> ofCrew(int crew) {
        Set<Integer> all = new HashSet<>();
        double endedMin = 0;
        for (DayPlan.Slot slot : shot.day().day().slotsOf(shoot.crews().get(crew))) {
            int setup = slot.state().setup();
            all.add(setup);
            if (slot.fixed() || slot.times().gettingReady().afterCall() > endedMin) {
                waitedFor.add(setup);
            }
            endedMin = slot.times().end().afterCall();
        }
        return all;
    }

    /** The setup of a take; −1 where that is not to be told, or its times are none. */
    private int setup(Take take) {
        List<Shot> shots = shot.shots(take);
        return shots.isEmpty() || !shot.timed(take)
                ? -1
                : setups.getOrDefault(shots.get(0).id(), -1);
    }

    private Visit after(Visit before, Take take, int setup) {
        Setup next = shoot.setups().get(setup);
        if (before.setup() != setup && before.setup() >= 0 && take.fromMs() >= before.untilMs()) {
            spent(before, setup, take.fromMs()).ifPresent(spent::add);
        }
        begun.add(next.action().id());
        lastSpot.put(next.support(), next.stand().spotId());
        boolean atOnce = before.setup() != setup && take.fromMs() < before.untilMs();
        return atOnce ? Visit.UNKNOWN : new Visit(setup, take.untilMs());
    }

    private Optional<Spent> spent(Visit before, int setup, double rollMs) {
        Setup next = shoot.setups().get(setup);
        Set<Threshold> parts = EnumSet.noneOf(Threshold.class);
        double walkMin = 0;
        for (Changes.Item item : shoot.problem().change(before.setup(), setup)) {
            if (item.work() == Changes.Work.ANOTHER_ACTION
                    && begun.contains(next.action().id())) {
                return Optional.empty();
            }
            boolean stands = next.stand().spotId().equals(lastSpot.get(next.support()));
            walkMin += item.work() == Changes.Work.WALK ? item.minutes() : 0;
            ChangeFigure.of(item.work(), next, stands).ifPresent(parts::add);
        }
        double minutes = Math.max(0, (rollMs - before.untilMs()) / MINUTE_MS - walkMin);
        double planned = parts.stream().mapToDouble(shoot.plan()::threshold).sum();
        boolean somethingElse = minutes > SOMETHING_ELSE_TIMES * planned + SOMETHING_ELSE_MIN;
        return parts.isEmpty() || waitedFor.contains(setup) || somethingElse
                ? Optional.empty()
                : Optional.of(new Spent(minutes, parts));
    }
}
