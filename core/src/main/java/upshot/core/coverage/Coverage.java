package upshot.core.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.AroundAction;
import upshot.core.plan.Givens;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.size.SizeClass;

/** What the school of coverage asks of each action; a feature needs one picture, of any size, in every school. */
public final class Coverage implements Rule {

    @Override
    public String id() {
        return "coverage";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Coverage",
                "Each action has the pictures that the school of coverage asks for; a feature has one.",
                "What is missing cannot be cut to, and nobody notices before the edit.",
                RuleCard.Source.SCHOOL);
    }

    private record Demand(SizeClass sizeClass, View view, Optional<UUID> performerId, String misses) {

        Demand(SizeClass sizeClass, View view, String misses) {
            this(sizeClass, view, Optional.empty(), misses);
        }

        boolean metBy(Around plan, Shot shot) {
            return shot.size().sizeClass() == sizeClass
                    && view.shows(plan, shot)
                    && performerId
                            .filter(wanted ->
                                    !wanted.equals(plan.subjectOf(shot).id()))
                            .isEmpty();
        }
    }

    private record Holes(List<Hole> holes) {}

    private static final List<Demand> TRIAD = List.of(
            new Demand(SizeClass.WIDE, View.ANY, "Nobody will know where this is."),
            new Demand(SizeClass.MID, View.ANY, "Nobody will see who does it."),
            new Demand(SizeClass.DETAIL, View.ANY, "Nothing to cut to: no picture of what it is."));

    private static final List<Demand> PERFORMANCE = List.of(
            new Demand(SizeClass.WIDE, View.MASTER, "No master of the whole run to come back to."),
            new Demand(SizeClass.MID, View.ANY, "Nobody will see who performs."),
            new Demand(SizeClass.DETAIL, View.ANY, "No fragment to cut away to."));

    private static final List<Demand> PRODUCT = List.of(
            new Demand(SizeClass.WIDE, View.LEVEL, "It never stands there at its own height."),
            new Demand(SizeClass.MID, View.FORTY_FIVE, "Nobody will see it as from a table."),
            new Demand(SizeClass.MID, View.OVERHEAD, "Nobody will see how it is laid out."),
            new Demand(SizeClass.MID, View.TURNING, "Its other sides stay unseen."),
            new Demand(SizeClass.DETAIL, View.ANY, "Nothing of it moves or pours close by."));

    private static final List<Demand> TRIPLE = Arrays.stream(SizeClass.values())
            .flatMap(sizeClass -> List.of(View.LOW, View.EYE, View.HIGH).stream()
                    .map(view -> new Demand(
                            sizeClass,
                            view,
                            "No %s, %s: the edit stays at one height.".formatted(sizeClass.label(), view.label()))))
            .toList();

    /** The holes of the whole plan in story order, wide before mid before detail. */
    public static List<Hole> holes(Plan plan) {
        List<Hole> holes = new ArrayList<>();
        plan.actions().forEach(action -> holes.addAll(holes(plan, action)));
        return holes;
    }

    /** The holes of one action. */
    public static List<Hole> holes(AroundAction plan, Action action) {
        return plan.remember(Holes.class, action, around -> new Holes(workedOut(around, action)))
                .holes();
    }

    /** The holes that an action would have without some of its shots. */
    public static List<Hole> holesWithout(AroundAction plan, Action action, List<Shot> gone) {
        return among(
                plan,
                action,
                plan.shotsOf(action).stream()
                        .filter(shot -> !gone.contains(shot))
                        .toList());
    }

    private static List<Hole> workedOut(AroundAction plan, Action action) {
        return among(plan, action, plan.shotsOf(action));
    }

    private static List<Hole> among(AroundAction plan, Action action, List<Shot> shots) {
        if (action.feature()) {
            return shots.isEmpty()
                    ? List.of(new Hole(
                            action.id(),
                            SizeClass.WIDE,
                            View.ANY,
                            Optional.empty(),
                            "Nothing shows this place or thing."))
                    : List.of();
        }
        return demands(plan, action).stream()
                .filter(demand -> shots.stream().noneMatch(shot -> demand.metBy(plan, shot)))
                .map(demand -> new Hole(action.id(), demand.sizeClass, demand.view, demand.performerId, demand.misses))
                .toList();
    }

    private static List<Demand> demands(Givens plan, Action action) {
        boolean several = !plan.performersOf(action).isEmpty();
        return switch (plan.house().coverage()) {
            case TRIAD, TRIAD_EACH_ACTION -> TRIAD;
            case TRIPLE -> TRIPLE;
            case PERFORMANCE -> several ? performers(plan, action) : PERFORMANCE;
            case PRODUCT -> PRODUCT;
        };
    }

    /** A master of all, a mid and a close of each, and a fragment where there is a thing to show. */
    private static List<Demand> performers(Givens plan, Action action) {
        List<Demand> demands = new ArrayList<>();
        demands.add(PERFORMANCE.get(0));
        for (Subject performer : performing(plan, action)) {
            Optional<UUID> who = Optional.of(performer.id());
            demands.add(new Demand(
                    SizeClass.MID, View.ANY, who, "Nobody will see %s perform.".formatted(performer.name())));
            demands.add(
                    new Demand(SizeClass.DETAIL, View.ANY, who, "No close picture of %s.".formatted(performer.name())));
        }
        if (action.hasThing()) {
            demands.add(new Demand(SizeClass.DETAIL, View.FRAGMENT, "No fragment to cut away to."));
        }
        return demands;
    }

    /** Everybody who takes part, the action's own subject first. */
    public static List<Subject> performing(Givens plan, Action action) {
        List<Subject> all = new ArrayList<>(List.of(plan.subjectOf(action)));
        plan.performersOf(action).forEach(one -> all.add(plan.get(RecordKind.SUBJECT, one.subjectId())));
        return all.stream().distinct().toList();
    }
}
