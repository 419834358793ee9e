package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import upshot.core.house.Threshold;
import upshot.core.plan.Card;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;
import upshot.core.plan.Turn;
import upshot.core.plan.Walk;
import upshot.core.shot.Recording;
import upshot.day.Changes;
import upshot.day.DayCrew;
import upshot.day.DayProblem;
import upshot.day.DaySetup;
import upshot.day.Gear;
import upshot.day.Performer;
import upshot.day.Rests;

/** Turns a shoot into numbers: whatever is the same gets the same number, in the order in which it is met. */
final class AsNumbers {

    /** Waiting counts as the meal no sooner than this after the call. */
    private static final double MEAL_NOT_BEFORE_MIN = 120;

    private static final double MEGABYTES = 1000;

    private static final Map<Support, Threshold> RIGGING = new EnumMap<>(Map.of(
            Support.TRIPOD, Threshold.RIG_TRIPOD,
            Support.HAND_HELD, Threshold.RIG_HAND_HELD,
            Support.SHOULDER, Threshold.RIG_SHOULDER,
            Support.GIMBAL, Threshold.RIG_GIMBAL,
            Support.SLIDER, Threshold.RIG_SLIDER,
            Support.OVERHEAD, Threshold.RIG_OVERHEAD,
            Support.TURNTABLE, Threshold.RIG_TURNTABLE,
            Support.MOUNT, Threshold.RIG_MOUNT,
            Support.DRONE, Threshold.RIG_DRONE));

    private final Shoot shoot;
    private final Plan plan;
    private final Numbers<Object> actions = new Numbers<>();
    private final Numbers<Object> runs = new Numbers<>();
    private final Numbers<Setup.Stand> stands = new Numbers<>();
    private final Numbers<Spot> spots = new Numbers<>();
    private final Numbers<String> lenses = new Numbers<>();
    private final Numbers<Object> rates = new Numbers<>();
    private final Numbers<Object> lamps = new Numbers<>();

    private static final class Numbers<T> {
        private final Map<T, Integer> numbers = new HashMap<>();
        private final List<T> inOrder = new ArrayList<>();

        int of(T one) {
            Integer known = numbers.putIfAbsent(one, inOrder.size());
            if (known == null) {
                inOrder.add(one);
            }
            return known == null ? inOrder.size() - 1 : known;
        }
    }

    private AsNumbers(Shoot shoot) {
        this.shoot = shoot;
        this.plan = shoot.plan();
    }

    static DayProblem of(Shoot shoot) {
        return new AsNumbers(shoot).problem();
    }

    private DayProblem problem() {
        int[] usual = usual();
        List<DaySetup> setups = IntStream.range(0, usual.length)
                .mapToObj(index -> setup(index, usual[index]))
                .toList();
        return new DayProblem(
                shoot.crews().stream().map(AsNumbers::crew).toList(),
                setups,
                changes(),
                shoot.people().stream().map(AsNumbers::performer).toList(),
                new Rests(
                        plan.threshold(Threshold.SAFETY_TALK),
                        plan.threshold(Threshold.BREAK_AFTER),
                        plan.threshold(Threshold.BREAK),
                        plan.threshold(Threshold.MEAL_BY),
                        plan.threshold(Threshold.MEAL),
                        MEAL_NOT_BEFORE_MIN),
                plan.list(Kind.CARD).stream().mapToDouble(AsNumbers::megabytes).sum(),
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

    private int[] usual() {
        List<Setup> setups = shoot.setups();
        int[] usual = new int[setups.size()];
        int place = 0;
        for (int setup : IntStream.range(0, usual.length)
                .boxed()
                .sorted((one, other) -> Setup.USUAL.compare(setups.get(one), setups.get(other)))
                .toList()) {
            usual[setup] = place++;
        }
        return usual;
    }

    private DaySetup setup(int index, int usual) {
        Setup setup = shoot.setups().get(index);
        Crew first = shoot.crews().get(0);
        return new DaySetup(
                actions.of(setup.action().id()),
                run(setup),
                setup.onceOnly(),
                gear(setup),
                setup.shootMin(),
                0,
                setup.action()
                        .fixedTime()
                        .map(time -> new DaySetup.Moment(
                                first.at(time), setup.action().durationS() / 60)),
                shoot.turnOf(setup).map(this::turn),
                shoot.hours(setup).stream().map(Hours::windows).toList(),
                shoot.performing(setup),
                list(shoot.prerequisites().before(index)),
                list(shoot.prerequisites().after(index)),
                new DaySetup.Worth(setup.priority().ordinal(), setup.shots().size()),
                recording(setup),
                shoot.prerequisites().firstClass(setup),
                setup.action().messy(),
                setup.spot().outdoors(),
                usual);
    }

    /** Cameras take one run together when it happens once, at its own time, or tires the subject. */
    private int run(Setup setup) {
        if (setup.onceOnly()) {
            return runs.of(setup.action().id());
        }
        return setup.action().tiring()
                ? runs.of(List.of(setup.action().id(), setup.stand().rate()))
                : -1;
    }

    private Gear gear(Setup setup) {
        Setup.Stand stand = setup.stand();
        boolean lit = stand.own().stream().anyMatch(Optional::isPresent);
        return new Gear(
                stands.of(stand),
                spots.of(setup.spot()),
                setup.support().ordinal(),
                setup.support() == Support.GIMBAL,
                lenses.of(setup.lens()),
                rates.of(stand.rate()),
                lit ? 1 + lamps.of(stand.own()) : 0,
                stand.lampsOff());
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
        double megabytes = 0;
        double copyMin = 0;
        if (!plan.list(Kind.CARD).isEmpty()) {
            for (var shot : setup.shots()) {
                Recording recording = Recording.of(plan, shot);
                megabytes += recording.megabytes();
                copyMin += recording.copyMin();
            }
        }
        return new DaySetup.Recording(megabytes, copyMin);
    }

    private static List<Integer> list(BitSet set) {
        return set.isEmpty() ? List.of() : set.stream().boxed().toList();
    }

    private Changes changes() {
        return new Changes(
                spots.inOrder.stream()
                        .map(from -> spots.inOrder.stream()
                                .map(to -> walkMin(from, to))
                                .toList())
                        .toList(),
                Stream.of(Support.values())
                        .map(support -> plan.threshold(RIGGING.get(support)))
                        .toList(),
                plan.threshold(Threshold.NEW_STAND),
                plan.threshold(Threshold.LENS),
                plan.threshold(Threshold.REBALANCE),
                plan.threshold(Threshold.RATE),
                plan.threshold(Threshold.LAMPS_PLACED),
                plan.threshold(Threshold.LAMPS_SWITCHED),
                0);
    }

    private double walkMin(Spot from, Spot to) {
        return plan.list(Kind.WALK).stream()
                .filter(one -> one.joins(from.id(), to.id()))
                .findFirst()
                .map(Walk::minutes)
                .orElseGet(() -> plan.threshold(Threshold.WALK));
    }
}
