package upshot.core.whole;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;

/**
 * The story is told out of its order. In sequences an action is told in one run before the film moves on, in the order in
 * which actions were written down; with two strands each strand is told so; in a montage no two pictures of one action
 * follow each other. Features are free, and so is what is declared as a return. Said once for each action.
 */
final class Telling implements WholeRule {

    @Override
    public String id() {
        return "story-order";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Told in order",
                "Actions are told as the school wants: each in one run and in their order, in two strands in turn, or as a"
                        + " montage that never shows one twice running; and what must be seen is.",
                "An action that is left and comes back has to be understood anew.",
                RuleCard.Source.SCHOOL);
    }

    @Override
    public List<Finding> judge(PaperCut cut) {
        TellingSchool school = cut.plan().house().telling();
        List<Finding> findings = new ArrayList<>();
        if (school == TellingSchool.MONTAGE) {
            findings.addAll(twiceRunning(cut));
        } else {
            strands(cut, school).forEach(strand -> findings.addAll(scattered(cut, strand)));
        }
        findings.addAll(unseen(cut));
        return findings;
    }

    /** The pictures of actions, all together or by what each belongs to. */
    private static Collection<List<Placed>> strands(PaperCut cut, TellingSchool school) {
        Map<Object, List<Placed>> strands = new LinkedHashMap<>();
        for (Placed placed : cut.uses()) {
            if (!placed.action().feature()) {
                strands.computeIfAbsent(
                                school == TellingSchool.PARALLEL ? strand(placed.action()) : "all",
                                none -> new ArrayList<>())
                        .add(placed);
            }
        }
        return strands.values();
    }

    private static Object strand(Action action) {
        return action.strand().isEmpty() ? action.subjectId() : action.strand();
    }

    private List<Finding> scattered(PaperCut cut, List<Placed> uses) {
        Map<UUID, Finding> said = new LinkedHashMap<>();
        Told told = new Told(cut.plan());
        for (Placed placed : uses) {
            Action action = placed.action();
            boolean declared = placed.use().entry() == Entry.RETURN;
            if (!told.goesOnWith(action)) {
                if (!declared && !said.containsKey(action.id())) {
                    outOfOrder(placed, told, cut.plan()).ifPresent(finding -> said.put(action.id(), finding));
                }
                told.add(action);
            }
        }
        return List.copyOf(said.values());
    }

    private Optional<Finding> outOfOrder(Placed placed, Told told, Plan plan) {
        Action action = placed.action();
        OptionalInt left = told.lastRunOf(action);
        if (left.isPresent()) {
            return Optional.of(scattered(
                    placed,
                    left.getAsInt(),
                    told.runs(),
                    "%s comes back to %s, which the film had left."
                            .formatted(placed.shot().code(), action.name())));
        }
        return told.firstWrittenAfter(action)
                .map(later -> scattered(
                        placed,
                        plan.placeInStory(action.id()),
                        plan.placeInStory(later.id()),
                        "%s is told after %s, and was written before it.".formatted(action.name(), later.name())));
    }

    private Finding scattered(Placed placed, int place, int after, String why) {
        return Seconds.watch(
                this,
                List.of(placed),
                "Told out of order.",
                new Measured(place + 1, after + 1, Quantity.COUNT),
                why,
                List.of());
    }

    private List<Finding> twiceRunning(PaperCut cut) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 1; i < cut.uses().size(); i++) {
            Placed placed = cut.uses().get(i);
            boolean again = placed.action().equals(cut.uses().get(i - 1).action())
                    && !placed.action().feature()
                    && placed.use().entry() == Entry.STRAIGHT;
            if (again) {
                findings.add(Seconds.watch(
                        this,
                        List.of(placed),
                        "One action twice running.",
                        new Measured(2, 1, Quantity.COUNT),
                        "%s shows %s again: in a montage each picture is of something else."
                                .formatted(placed.shot().code(), placed.action().name()),
                        List.of()));
            }
        }
        return findings;
    }

    /** What has a picture that must be, and is not in the film. */
    private List<Finding> unseen(PaperCut cut) {
        Set<UUID> shown =
                cut.uses().stream().map(placed -> placed.action().id()).collect(Collectors.toSet());
        return cut.plan().actions().stream()
                .filter(action -> !action.feature() && !shown.contains(action.id()))
                .filter(action ->
                        cut.plan().shotsOf(action).stream().map(Shot::priority).anyMatch(Priority.MUST::equals))
                .map(action -> Seconds.watch(
                        this,
                        List.of(),
                        "Never seen.",
                        Measured.missing(),
                        "%s must be shot and is not in the cut.".formatted(action.name()),
                        List.of()))
                .toList();
    }
}
