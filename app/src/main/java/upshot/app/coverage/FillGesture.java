package upshot.app.coverage;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Selected;
import upshot.core.coverage.Fill;
import upshot.core.coverage.Hole;
import upshot.core.coverage.View;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.size.SizeClass;

/** Fills the holes of the plan, of a beat, of an action, or one of them; or offers extras where nothing is missing. */
@Component
class FillGesture implements Gesture {

    @Override
    public String name() {
        return "fill";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Fill fill = new Fill(context.ids(), context.codes());
        Fill.Outcome outcome = arguments.on("extras")
                ? fill.extras(context.plan())
                : fill.outcome(context.plan(), wanted(context, arguments));
        if (outcome.proposed().isEmpty() && !outcome.refused().isEmpty()) {
            throw new EditRefused(outcome.refused().get(0).why());
        }
        if (outcome.proposed().isEmpty() && arguments.on("extras")) {
            throw new EditRefused("No extra is left to propose: either something is missing still, or all have one.");
        }
        List<Fill.Proposed> taken = taken(outcome.proposed(), arguments.text("only"));
        List<Change> steps =
                taken.stream().map(one -> (Change) new Change.Add(one.shot())).toList();
        return new Proposal(
                label(arguments.on("extras"), steps.size()),
                Change.batch(steps),
                steps.size() == 1 ? show(steps.get(0)) : Map.of(),
                taken.stream().map(one -> said(context, one)).toList(),
                outcome.refused().stream().map(one -> refused(context, one)).toList());
    }

    private static String label(boolean extras, int shots) {
        if (extras) {
            return shots == 1 ? "add an extra" : "add %d extras".formatted(shots);
        }
        return shots == 1 ? "fill a hole" : "fill %d holes".formatted(shots);
    }

    /** All, or those whose places in the list are named: what was looked at and chosen. */
    private static List<Fill.Proposed> taken(List<Fill.Proposed> proposed, String only) {
        if (only.isEmpty()) {
            return proposed;
        }
        Set<String> places = Set.copyOf(Arrays.asList(only.split(",")));
        return IntStream.range(0, proposed.size())
                .filter(place -> places.contains(Integer.toString(place)))
                .mapToObj(proposed::get)
                .toList();
    }

    private static String said(GestureContext context, Fill.Proposed one) {
        return "%s, %s: %s"
                .formatted(
                        context.plan()
                                .get(RecordKind.ACTION, one.hole().actionId())
                                .name(),
                        one.shot().size().label(),
                        one.reason());
    }

    private static String refused(GestureContext context, Fill.Refused one) {
        Hole hole = one.hole();
        return "%s, %s stays open. %s"
                .formatted(
                        context.plan().get(RecordKind.ACTION, hole.actionId()).name(), hole.label(), one.why());
    }

    /** All; those of a beat; those of an action; or the one whose class and view are named too. */
    private static Predicate<Hole> wanted(GestureContext context, Arguments arguments) {
        if (!arguments.text("beatId").isEmpty()) {
            StoryBeat beat = arguments.chosen(context.plan(), RecordKind.BEAT, "beatId");
            return hole -> context.plan()
                    .get(RecordKind.ACTION, hole.actionId())
                    .beatId()
                    .equals(beat.id());
        }
        if (arguments.text("actionId").isEmpty()) {
            return hole -> true;
        }
        Action action = arguments.chosen(context.plan(), RecordKind.ACTION, "actionId");
        Predicate<Hole> ofAction = hole -> hole.actionId().equals(action.id());
        if (arguments.text("sizeClass").isEmpty()) {
            return ofAction;
        }
        Hole.Want want = arguments.choice("want", Hole.Want.SIZE);
        SizeClass sizeClass = arguments.choice("sizeClass", SizeClass.WIDE);
        View view = arguments.choice("view", View.ANY);
        Optional<UUID> performer = Selected.of(context.plan(), RecordKind.SUBJECT, arguments.values(), "performerId")
                .map(Subject::id);
        return ofAction.and(hole -> hole.want() == want
                && hole.sizeClass() == sizeClass
                && hole.view() == view
                && hole.performerId().equals(performer));
    }

    private static Map<String, String> show(Change step) {
        return step instanceof Change.Add add ? Map.of("shot", add.added().id().toString()) : Map.of();
    }
}
