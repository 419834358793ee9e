package upshot.core.coverage;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.CameraHeight;
import upshot.core.size.SizeClass;

/**
 * How the pictures of a job are spread over heights, sides and supports, and what one more would add: the beginner's mark
 * is that every action is framed in the same three ways.
 */
final class Spread {

    private static final double MUCH = 0.45;
    private static final double OF_SHARE = 2;
    private static final double OF_MUCH = 14;
    private static final double OF_SUPPORT = 0.8;
    private static final double NEW_IN_BEAT = 1.2;
    private static final double AS_NEIGHBOUR = 4;
    private static final double AS_OWN = 0.8;
    private static final int FEW = 3;

    private static final double FRONT_TO_DEG = 45;
    private static final double SIDE_TO_DEG = 135;

    /** Where round the subject the camera is, whichever side is kept. */
    enum Round {
        FRONT,
        SIDE,
        BEHIND;

        static Round of(Shot shot) {
            double off = offFrontDeg(shot);
            return off <= FRONT_TO_DEG ? FRONT : off <= SIDE_TO_DEG ? SIDE : BEHIND;
        }

        /** How far round from the subject's front, 0 to 180°, whichever way. */
        static double offFrontDeg(Shot shot) {
            return Math.abs(Degrees.wrap(shot.bearingDeg() + 180) - 180);
        }
    }

    /** A picture as far as neighbours must not share all of it. */
    record Framed(SizeClass size, CameraHeight height, Round round) {

        static Framed of(Plan plan, Shot shot) {
            return new Framed(
                    shot.size().sizeClass(), Stand.of(plan, shot).height(shot).counted(), Round.of(shot));
        }
    }

    private final Plan plan;
    private final Map<CameraHeight, Integer> heights = new EnumMap<>(CameraHeight.class);
    private final Map<Support, Integer> supports = new EnumMap<>(Support.class);
    private final Set<CameraHeight> heightsOfBeat = EnumSet.noneOf(CameraHeight.class);
    private final Set<Round> sidesOfBeat = EnumSet.noneOf(Round.class);
    private final List<Framed> neighbours = new ArrayList<>();
    private final List<Framed> own = new ArrayList<>();
    private final int all;

    /** What there is round an action. */
    Spread(Plan plan, Action action) {
        this.plan = plan;
        this.all = plan.shots().size();
        for (Shot shot : plan.shots()) {
            heights.merge(Stand.of(plan, shot).height(shot).counted(), 1, Integer::sum);
            supports.merge(shot.support(), 1, Integer::sum);
        }
        for (Action one : plan.actions()) {
            if (one.beatId().equals(action.beatId())) {
                plan.shotsOf(one).stream().map(shot -> Framed.of(plan, shot)).forEach(framed -> {
                    heightsOfBeat.add(framed.height());
                    sidesOfBeat.add(framed.round());
                });
            }
        }
        plan.shotsOf(action).forEach(shot -> own.add(Framed.of(plan, shot)));
        beside(action).forEach(one -> plan.shotsOf(one).forEach(shot -> neighbours.add(Framed.of(plan, shot))));
    }

    /** The actions before and after one, features left aside. */
    private List<Action> beside(Action action) {
        List<Action> happening =
                plan.actions().stream().filter(one -> !one.feature()).toList();
        int at = happening.indexOf(action);
        List<Action> beside = new ArrayList<>();
        if (at > 0) {
            beside.add(happening.get(at - 1));
        }
        if (at >= 0 && at + 1 < happening.size()) {
            beside.add(happening.get(at + 1));
        }
        return beside;
    }

    /** How badly one more picture would fit to what there is; lower is better, and below 0 adds what was missing. */
    double cost(Shot shot) {
        Framed framed = Framed.of(plan, shot);
        double share = (heights.getOrDefault(framed.height(), 0) + 1.0) / (all + 1);
        double supported = (supports.getOrDefault(shot.support(), 0) + 1.0) / (all + 1);
        double cost = OF_SHARE * share + OF_SUPPORT * supported;
        if (all >= FEW) {
            cost += OF_MUCH * Math.max(0, share - MUCH);
        }
        cost -= heightsOfBeat.isEmpty() || heightsOfBeat.contains(framed.height()) ? 0 : NEW_IN_BEAT;
        cost -= sidesOfBeat.isEmpty() || sidesOfBeat.contains(framed.round()) ? 0 : NEW_IN_BEAT;
        cost += AS_NEIGHBOUR * neighbours.stream().filter(framed::equals).count();
        for (Framed other : own) {
            cost += (other.height() == framed.height() ? AS_OWN : 0) + (other.round() == framed.round() ? AS_OWN : 0);
        }
        return cost;
    }

    /** "from the floor: five of the nine others are at eye height", where a picture is at a height that few have. */
    String adds(Shot shot) {
        CameraHeight height = Stand.of(plan, shot).height(shot).counted();
        int alike = heights.getOrDefault(height, 0);
        return heights.entrySet().stream()
                .filter(one -> one.getKey() != height)
                .max(Map.Entry.comparingByValue())
                .filter(most -> most.getValue() >= FEW && most.getValue() > 2 * alike)
                .map(most -> ", where %d of the %d others are %s"
                        .formatted(most.getValue(), all, HeightWords.said(most.getKey())))
                .orElse("");
    }
}
