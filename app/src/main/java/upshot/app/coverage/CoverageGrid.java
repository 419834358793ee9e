package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.app.web.Press;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Footage;
import upshot.core.coverage.Hole;
import upshot.core.coverage.Wishes;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;
import upshot.core.verdict.Verdict;

/** The rows of the grid: beats, their actions, and whoever performs in one beside its own subject. */
final class CoverageGrid {

    /** Times the need, above which nobody wants to know how much it is. */
    private static final double PLENTY = 20;

    /**
     * A beat with its actions and what the edit wishes of it.
     *
     * @param holes of all its actions, shown or not
     * @param closed whether its actions are folded away
     * @param toggled the closed beats after it is folded or unfolded
     */
    record BeatView(
            String id,
            String name,
            List<WishView> wishes,
            List<ActionRow> actions,
            long holes,
            boolean closed,
            String toggled) {}

    /** What the edit wishes for, met or not. */
    record WishView(String sentence, boolean open) {}

    /**
     * A button that fills a hole or adds one more shot.
     *
     * @param text what stands on it
     * @param spoken the same for those who do not see where it stands
     * @param style of its own, empty for none
     * @param press what it does
     */
    record GridButton(String id, String text, String spoken, String style, Press press) {}

    /**
     * An action across the three classes.
     *
     * @param facts in one quiet line
     * @param performers a row for each, where several take part
     * @param footage usable seconds by seconds in the cut, "–" when it is not in the cut, "plenty" above twenty times
     */
    record ActionRow(
            String id,
            String name,
            String facts,
            List<String> tags,
            List<Caution> cautions,
            List<Cell> cells,
            List<PerformerRow> performers,
            String footage) {}

    /** Somebody's mids and details. */
    record PerformerRow(String name, List<Cell> cells) {}

    /**
     * The shots of one class.
     *
     * @param frames as they stand in the page
     * @param holes what the edit misses, said in the button's title
     * @param more adds one more where nothing is missing; null where that is not offered
     */
    record Cell(String sizeClass, String frames, List<GridButton> holes, GridButton more) {}

    private final Verdict verdict;
    private final Plan plan;
    private final CoverageFilter filter;
    private final Selection selection;
    private final Set<String> closed;

    CoverageGrid(Verdict verdict, CoverageFilter filter, Selection selection, Map<String, String> parameters) {
        this.verdict = verdict;
        this.plan = verdict.plan();
        this.filter = filter;
        this.selection = selection;
        this.closed = Arrays.stream(parameters.getOrDefault("closed", "").split(","))
                .filter(id -> !id.isEmpty())
                .collect(Collectors.toSet());
    }

    /** The beats that have something to show; all of them where nothing is asked for. */
    List<BeatView> beats() {
        return plan.beats().stream()
                .map(this::beat)
                .filter(beat -> !filter.active() || !beat.actions().isEmpty())
                .toList();
    }

    private BeatView beat(StoryBeat beat) {
        String id = beat.id().toString();
        boolean folded = closed.contains(id);
        Stream<String> others = closed.stream().filter(one -> !one.equals(id));
        Stream<String> toggled = folded ? others : Stream.concat(others, Stream.of(id));
        List<Action> actions = plan.actionsOf(beat);
        return new BeatView(
                id,
                beat.name(),
                Wishes.of(plan, beat).stream()
                        .map(wish -> new WishView(wish.sentence(), wish.open()))
                        .toList(),
                actions.stream().filter(filter::shows).map(this::row).toList(),
                actions.stream()
                        .mapToLong(action -> holes(action, hole -> true).size())
                        .sum(),
                folded,
                String.join(",", toggled.sorted().toList()));
    }

    private List<Hole> holes(Action action, Predicate<Hole> wanted) {
        return verdict.holes().stream()
                .filter(hole -> hole.actionId().equals(action.id()))
                .filter(wanted)
                .toList();
    }

    private ActionRow row(Action action) {
        boolean several = !plan.performersOf(action).isEmpty();
        List<Subject> performing = Coverage.performing(plan, action);
        Predicate<Shot> own = shot -> !several || !ofOne(shot) || !performing.contains(plan.subjectOf(shot));
        return new ActionRow(
                action.id().toString(),
                action.name(),
                facts(action),
                tags(action),
                action.cautions().tags(),
                cells(action, own, hole -> hole.performerId().isEmpty(), true),
                several ? performers(action) : List.of(),
                footage(action));
    }

    /** A mid or a detail with a face in it shows one performer; a wide shows them all and an insert none. */
    private static boolean ofOne(Shot shot) {
        return shot.size().sizeClass() != SizeClass.WIDE && shot.size() != Size.INSERT;
    }

    private List<PerformerRow> performers(Action action) {
        return Coverage.performing(plan, action).stream()
                .map(subject -> new PerformerRow(
                        subject.name(),
                        cells(
                                action,
                                shot -> shows(shot, subject),
                                hole -> hole.performerId()
                                        .filter(subject.id()::equals)
                                        .isPresent(),
                                false)))
                .toList();
    }

    private boolean shows(Shot shot, Subject subject) {
        return ofOne(shot) && plan.subjectOf(shot).equals(subject);
    }

    private List<Cell> cells(Action action, Predicate<Shot> shown, Predicate<Hole> missing, boolean addable) {
        return Arrays.stream(SizeClass.values())
                .map(sizeClass -> {
                    String frames = plan.shotsOf(action).stream()
                            .filter(shot -> shot.size().sizeClass() == sizeClass)
                            .filter(shown)
                            .map(shot -> selection.thumb(verdict, shot))
                            .collect(Collectors.joining());
                    List<Hole> all = holes(action, missing.and(hole -> hole.sizeClass() == sizeClass));
                    List<Hole> holes = all.stream().distinct().toList();
                    boolean crowded = holes.size() > 1 || !frames.isEmpty();
                    return new Cell(
                            sizeClass.label(),
                            frames,
                            holes.stream()
                                    .map(hole -> fill(
                                            hole,
                                            all.stream().filter(hole::equals).count(),
                                            crowded))
                                    .toList(),
                            addable && holes.isEmpty() ? more(action, sizeClass, frames.isEmpty()) : null);
                })
                .toList();
    }

    private static GridButton fill(Hole hole, long times, boolean crowded) {
        String performer = hole.performerId().map(Object::toString).orElse("");
        return new GridButton(
                "hole-%s-%s-%s-%s-%s".formatted(hole.want(), hole.actionId(), hole.sizeClass(), hole.view(), performer),
                times == 1 ? "No " + hole.label() : "%d more: %s".formatted(times, hole.label()),
                hole.misses(),
                crowded ? "is-small" : "",
                Press.gesture(
                        "fill",
                        "actionId",
                        hole.actionId(),
                        "want",
                        hole.want().name(),
                        "sizeClass",
                        hole.sizeClass().name(),
                        "view",
                        hole.view().name(),
                        "performerId",
                        performer));
    }

    private static GridButton more(Action action, SizeClass sizeClass, boolean nothing) {
        return new GridButton(
                "more-%s-%s".formatted(action.id(), sizeClass),
                nothing ? sizeClass.label() : "+",
                "Add a %s of %s".formatted(sizeClass.label(), action.name()),
                nothing ? "is-optional" : "",
                Press.gesture("add-shot", "actionId", action.id(), "sizeClass", sizeClass.name()));
    }

    private String facts(Action action) {
        List<String> facts = new ArrayList<>();
        if (action.feature()) {
            facts.add("place or thing");
        } else {
            facts.add(plan.subjectOf(action).name());
            facts.add(Wording.number(action.durationS(), 1) + " s");
        }
        if (action.line() == Line.TRAVEL) {
            facts.add(action.side().label());
        }
        return String.join(", ", facts);
    }

    private static List<String> tags(Action action) {
        return Stream.of(
                        action.fixedTime().map(time -> "at " + time),
                        action.once() ? Optional.of("once") : Optional.<String>empty(),
                        action.messy() ? Optional.of("messy") : Optional.<String>empty())
                .flatMap(Optional::stream)
                .toList();
    }

    private String footage(Action action) {
        Footage footage = Footage.of(plan, action);
        if (footage.screenS() == 0) {
            return "–";
        }
        double ratio = footage.usableS() / footage.screenS();
        return ratio > PLENTY ? "plenty" : Wording.number(ratio, 1) + "×";
    }
}
