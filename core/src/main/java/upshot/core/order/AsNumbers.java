package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Card;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;
import upshot.core.plan.Taken;
import upshot.core.plan.Turn;
import upshot.core.shot.Recording;
import upshot.day.Changes;
import upshot.day.DayCrew;
import upshot.day.DayProblem;
import upshot.day.DaySetup;
import upshot.day.Gear;
import upshot.day.Performer;
import upshot.day.Rests;

/** Turns a shoot into numbers: whatever is the same gets the same number. */
final class AsNumbers {

    /** The meal begins no sooner than this after the call. */
    private static final double MEAL_NOT_BEFORE_MIN = 120;

    private static final double MEGABYTES = 1000;

    /** More than an action has of stands or rates, so that their numbers lie apart. */
    private static final int OF_ONE_ACTION = 10_000;

    private static final DaySetup.Recording NOTHING_COUNTED = new DaySetup.Recording(0, 0);

    private final Shoot shoot;
    private final Plan plan;
    private final Map<UUID, Integer> spots = new HashMap<>();
    private final Map<String, Integer> prefixes;
    private final Map<String, Integer> lenses;
    private final Map<FrameRate, Integer> rates;
    private final Map<List<Optional<Double>>, Integer> lamps = new HashMap<>();
    private final boolean cards;

    private AsNumbers(Shoot shoot) {
        this.shoot = shoot;
        this.plan = shoot.plan();
        plan.spots().forEach(spot -> spots.put(spot.id(), spots.size()));
        this.cards = !plan.list(RecordKind.CARD).isEmpty();
        this.prefixes = inOrder(setup -> setup.action().codePrefix());
        this.lenses = inOrder(Setup::lens);
        this.rates = inOrder(setup -> setup.stand().rate());
    }

    /** What setups have, numbered in its own order. Neighbours mostly have the same. */
    private <T extends Comparable<T>> Map<T, Integer> inOrder(Function<Setup, T> what) {
        Set<T> all = new TreeSet<>();
        T last = null;
        for (Setup setup : shoot.setups()) {
            T now = what.apply(setup);
            if (now != last) {
                all.add(now);
            }
            last = now;
        }
        Map<T, Integer> numbers = new HashMap<>();
        all.forEach(one -> numbers.put(one, numbers.size()));
        return numbers;
    }

    static DayProblem of(Shoot shoot) {
        return new AsNumbers(shoot).problem();
    }

    private DayProblem problem() {
        return new DayProblem(
                shoot.crews().stream().map(AsNumbers::crew).toList(),
                setups(),
                changes(),
                shoot.people().stream().map(AsNumbers::performer).toList(),
                new Rests(
                        plan.threshold(Threshold.SAFETY_TALK),
                        plan.threshold(Threshold.BREAK_AFTER),
                        plan.threshold(Threshold.BREAK),
                        plan.threshold(Threshold.MEAL_BY),
                        plan.threshold(Threshold.MEAL),
                        MEAL_NOT_BEFORE_MIN,
                        MealTimes.of(plan.brief(), shoot.crews())),
                plan.list(RecordKind.CARD).stream()
                        .mapToDouble(AsNumbers::megabytes)
                        .sum(),
                1 + plan.threshold(Threshold.MARGIN) / 100,
                plan.threshold(Threshold.READY_BEFORE));
    }

    private static DayCrew crew(Crew crew) {
        return new DayCrew(crew.callMin(), crew.wrapMin(), crew.dayOffset() > 0, crew.cameras(), Optional.empty());
    }

    private static Performer performer(Subject subject) {
        return new Performer(subject.effortMin(), subject.restMin(), subject.released());
    }

    private static double megabytes(Card card) {
        return card.count() * card.capacityGb() * MEGABYTES;
    }

    /** Setups come action by action, so that actions are counted on the way. */
    private List<DaySetup> setups() {
        List<DaySetup> all = new ArrayList<>(shoot.size());
        int action = -1;
        Action last = null;
        Shoot.Shared shared = null;
        for (Setup setup : shoot.setups()) {
            if (setup.action() != last) {
                action++;
                last = setup.action();
                shared = shoot.shared(last);
            }
            all.add(setup(setup, all.size(), action, shared));
        }
        return all;
    }

    private DaySetup setup(Setup setup, int index, int number, Shoot.Shared shared) {
        Action action = setup.action();
        return new DaySetup(
                number,
                run(setup, number),
                setup.onceOnly(),
                gear(setup, number),
                setup.shootMin(),
                action.resetMin(),
                action.fixedTime()
                        .map(time -> new DaySetup.Moment(shoot.crews().get(0).at(time), fromTheMomentMin(setup))),
                shoot.turnOf(setup).map(this::turn),
                shared.windows(),
                shared.people(),
                list(shoot.prerequisites().before(index)),
                list(shoot.prerequisites().after(index)),
                new DaySetup.Worth(setup.priority().ordinal(), setup.shots().size()),
                recording(setup),
                shoot.prerequisites().firstClass(setup),
                action.messy(),
                setup.spot().outdoors(),
                action.once() ? prefixes.get(action.codePrefix()) : prefixes.size());
    }

    /** All takes and their resets; the camera has settled when the moment comes. */
    private static double fromTheMomentMin(Setup setup) {
        return Math.max(
                setup.action().durationS() / 60,
                setup.shootMin() - setup.support().settleS() / 60);
    }

    /** Cameras take one run together when it happens once, at its own time, tires the subject, or where that is said. */
    private int run(Setup setup, int action) {
        if (setup.onceOnly()) {
            return action * OF_ONE_ACTION;
        }
        return setup.action().tiring() || setup.action().taken() == Taken.TWO_CAMERAS
                ? action * OF_ONE_ACTION + rates.get(setup.stand().rate())
                : -1;
    }

    private Gear gear(Setup setup, int action) {
        Setup.CameraPlace stand = setup.stand();
        return new Gear(
                action * OF_ONE_ACTION + setup.standOfAction(),
                spots.get(setup.stand().spotId()),
                setup.support().ordinal(),
                setup.support() == Support.GIMBAL,
                lenses.get(setup.lens()),
                rates.get(stand.rate()),
                lamps(stand.own()),
                stand.lampsOff());
    }

    private int lamps(List<Optional<Double>> own) {
        for (Optional<Double> lamp : own) {
            if (lamp.isPresent()) {
                return 1 + lamps.computeIfAbsent(own, none -> lamps.size());
            }
        }
        return 0;
    }

    private DaySetup.Turn turn(Turn turn) {
        Optional<Crew> crew = shoot.crews().stream()
                .filter(one -> one.shiftId().equals(turn.shiftId()))
                .findFirst();
        return new DaySetup.Turn(
                crew.map(Crew::index).orElse(-1),
                turn.rank(),
                crew.flatMap(one -> turn.pinnedTime().map(one::at)));
    }

    private DaySetup.Recording recording(Setup setup) {
        if (!cards) {
            return NOTHING_COUNTED;
        }
        double megabytes = 0;
        double copyMin = 0;
        for (var shot : setup.shots()) {
            Recording recording = Recording.of(plan, shot);
            megabytes += recording.megabytes();
            copyMin += recording.copyMin();
        }
        return new DaySetup.Recording(megabytes, copyMin);
    }

    private static List<Integer> list(BitSet set) {
        if (set.isEmpty()) {
            return List.of();
        }
        List<Integer> all = new ArrayList<>();
        for (int one = set.nextSetBit(0); one >= 0; one = set.nextSetBit(one + 1)) {
            all.add(one);
        }
        return List.copyOf(all);
    }

    private Changes changes() {
        return new Changes(
                Walks.table(plan),
                Stream.of(Support.values())
                        .map(support -> plan.threshold(ChangeFigure.rigging(support)))
                        .toList(),
                plan.threshold(Threshold.NEW_STAND),
                plan.threshold(Threshold.LENS),
                plan.threshold(Threshold.REBALANCE),
                plan.threshold(Threshold.RATE),
                plan.threshold(Threshold.LAMPS_PLACED),
                plan.threshold(Threshold.LAMPS_SWITCHED),
                plan.threshold(Threshold.RIG_AGAIN),
                plan.threshold(Threshold.ANOTHER_ACTION));
    }
}
