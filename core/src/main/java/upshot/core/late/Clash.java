package upshot.core.late;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import upshot.core.order.Shoot;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.Mode;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.WantedLight;
import upshot.day.DayClock;
import upshot.day.DayState;

/**
 * Limits that cannot all be kept: leave any one of them out and the rest can. Found by leaving out one after the other and
 * keeping out what is not needed for the clash; whether must-haves can all be shot is decided by trying every order,
 * which is why only clashes of few setups are proven.
 *
 * @param limits in words
 */
public record Clash(List<String> limits) {

    /** More setups than this are not tried in every order. */
    private static final int FEW = 7;

    /** A limit, and the plan without it. */
    record Condition(String words, UnaryOperator<Plan> without) {}

    /**
     * The clash that keeps must-haves from being shot, worked out once for a plan; empty where all are shot or no small
     * clash explains it. Prerequisites that go round come before everything else.
     */
    public static Clash of(Plan plan) {
        return plan.remember(Clash.class, () -> workedOut(plan));
    }

    private static Clash workedOut(Plan plan) {
        Shoot shoot = Shoot.of(only(plan, shot -> shot.priority() == Priority.MUST));
        List<String> cycle = shoot.prerequisites().cycleInWords();
        return cycle.isEmpty()
                ? new Clash(proof(plan).stream()
                        .flatMap(proof -> proof.limits().stream())
                        .map(Condition::words)
                        .toList())
                : new Clash(cycle);
    }

    /**
     * A plan in which nothing but a clash is left.
     *
     * @param limits without any one of which everything in it can be shot
     */
    record Proof(Plan clashing, List<Condition> limits) {}

    static Optional<Proof> proof(Plan plan) {
        Plan musts = only(plan, shot -> shot.priority() == Priority.MUST);
        if (possible(musts)) {
            return Optional.empty();
        }
        Plan few = musts;
        for (Shot shot : musts.shots()) {
            Plan fewer = few.apply(Removal.of(few, few.get(RecordKind.SHOT, shot.id())));
            if (!possible(fewer)) {
                few = fewer;
            }
        }
        if (Shoot.of(few).size() > FEW || triedAll(few)) {
            return Optional.empty();
        }
        return Optional.of(needed(few));
    }

    private static Plan only(Plan plan, Predicate<Shot> wanted) {
        List<Shot> others =
                plan.shots().stream().filter(shot -> !wanted.test(shot)).toList();
        return plan.apply(Removal.ofAll(plan, others));
    }

    /** The limits without any of which the rest can be kept. */
    private static Proof needed(Plan clashing) {
        Plan now = clashing;
        List<Condition> needed = new ArrayList<>();
        for (Condition limit : limits(clashing)) {
            Plan without = limit.without().apply(now);
            if (possible(without)) {
                needed.add(limit);
            } else {
                now = without;
            }
        }
        return new Proof(now, needed);
    }

    /** Whether everything can be shot: few setups are tried in every order, many as the usual order has them. */
    private static boolean possible(Plan plan) {
        if (ShootingOrder.of(plan).dropped().isEmpty()) {
            return true;
        }
        return Shoot.of(plan).size() <= FEW && triedAll(plan);
    }

    /** Whether any order at all shoots everything. */
    static boolean triedAll(Plan plan) {
        Shoot shoot = Shoot.of(plan);
        return shoot.crews().size() == 1
                ? from(new DayClock(shoot.problem()), null, 0)
                : ShootingOrder.of(shoot).dropped().isEmpty();
    }

    private static boolean from(DayClock clock, DayState state, int done) {
        int setups = clock.problem().size();
        if (Integer.bitCount(done) == setups) {
            return true;
        }
        for (int setup = 0; setup < setups; setup++) {
            if ((done & 1 << setup) == 0) {
                DayState next = clock.then(state == null ? clock.atCall(0) : state, setup);
                if (next.brokenMin() == 0 && from(clock, next, done | 1 << setup)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static List<Condition> limits(Plan plan) {
        List<Condition> limits = new ArrayList<>();
        for (Action action : plan.actions()) {
            if (plan.shotsOf(action).isEmpty()) {
                continue;
            }
            clock(limits, action, "fixedTime", action.fixedTime(), action.name() + " is at %s");
            if (action.once()) {
                limits.add(new Condition(
                        "%s happens once".formatted(action.name()),
                        without -> set(without, RecordKind.ACTION, action, "once", false)));
            }
            clock(limits, action, "fromTime", action.fromTime(), action.name() + " not before %s");
            clock(limits, action, "untilTime", action.untilTime(), action.name() + " not after %s");
            if (action.wantedLight() != WantedLight.ANY) {
                limits.add(new Condition(
                        "%s wants %s"
                                .formatted(action.name(), action.wantedLight().label()),
                        without -> set(without, RecordKind.ACTION, action, "wantedLight", WantedLight.ANY)));
            }
            if (action.hasThing()) {
                limits.add(new Condition(
                        "%s keeps its place in the order of the %s".formatted(action.name(), action.thing()),
                        without -> set(without, RecordKind.ACTION, action, "thing", "")));
            }
        }
        for (Subject subject : plan.subjects()) {
            clock(limits, subject, "fromTime", subject.fromTime(), subject.name() + " comes at %s");
            clock(limits, subject, "untilTime", subject.untilTime(), subject.name() + " leaves at %s");
        }
        for (Spot spot : plan.spots()) {
            clock(limits, spot, "opensTime", spot.opensTime(), spot.name() + " opens at %s");
            clock(limits, spot, "closesTime", spot.closesTime(), spot.name() + " closes at %s");
        }
        int cameras = plan.bodies().size();
        limits.add(new Condition(
                cameras == 1 ? "There is one camera" : "There are %d cameras".formatted(cameras), Clash::moreCameras));
        LocalTime call = plan.brief().callTime();
        limits.add(new Condition(
                "The wrap is at %s".formatted(plan.brief().wrapTime()),
                without -> without.apply(Change.edit(without.brief(), one -> one.withWrapTime(call.minusMinutes(1))))));
        for (Shot shot : plan.shots()) {
            limits.add(new Condition(
                    "%s is a must-have".formatted(shot.code()),
                    without -> without.apply(Removal.of(without, without.get(RecordKind.SHOT, shot.id())))));
        }
        return limits;
    }

    /** A camera for every shot. */
    private static Plan moreCameras(Plan plan) {
        Body body = plan.bodies().get(0);
        Mode mode = plan.modesOf(body).get(0);
        List<Change> more = new ArrayList<>();
        for (int i = plan.bodies().size(); i < Math.min(20, plan.shots().size()); i++) {
            Body another = RecordKind.BODY.copy(body, UUID.randomUUID());
            more.add(new Change.Add(another));
            more.add(new Change.Add(
                    RecordKind.MODE.with(RecordKind.MODE.copy(mode, UUID.randomUUID()), "bodyId", another.id())));
        }
        return plan.apply(Change.batch(more));
    }

    private static <R extends PlanRecord> void clock(
            List<Condition> limits, R owner, String field, Optional<LocalTime> time, String words) {
        time.ifPresent(at -> limits.add(new Condition(
                words.formatted(at), plan -> set(plan, RecordKind.of(owner), owner, field, Optional.empty()))));
    }

    private static <R extends PlanRecord> Plan set(Plan plan, RecordKind<R> kind, R owner, String field, Object value) {
        return plan.apply(Change.set(plan.get(kind, owner.id()), field, value));
    }
}
