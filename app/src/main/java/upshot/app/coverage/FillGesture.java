package upshot.app.coverage;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Fill;
import upshot.core.coverage.Hole;
import upshot.core.coverage.View;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Kind;
import upshot.core.size.SizeClass;

/** Fills the holes: one when an action and a class are named, else all of them. */
@Component
class FillGesture implements Gesture {

    @Override
    public String name() {
        return "fill";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        List<Fill.Proposed> proposed =
                new Fill(desk.ids(), desk.codes()).proposals(desk.plan(), wanted(desk, arguments));
        if (proposed.isEmpty() && !Coverage.holes(desk.plan()).isEmpty()) {
            throw new EditRefused(
                    "No shot of that kind can be made here: more room, a shorter lens or another support would help.");
        }
        List<Fill.Proposed> taken = taken(proposed, arguments.text("only"));
        List<Change> steps =
                taken.stream().map(one -> (Change) new Change.Add(one.shot())).toList();
        String label = steps.size() == 1 ? "fill a hole" : "fill %d holes".formatted(steps.size());
        return new Proposal(
                label,
                Change.batch(steps),
                steps.size() == 1 ? show(steps.get(0)) : Map.of(),
                taken.stream().map(one -> said(desk, one)).toList(),
                List.of());
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

    private static String said(Desk desk, Fill.Proposed one) {
        return "%s, %s: %s"
                .formatted(
                        desk.plan().get(Kind.ACTION, one.hole().actionId()).name(),
                        one.shot().size().label(),
                        one.reason());
    }

    private static Predicate<Hole> wanted(Desk desk, Arguments arguments) {
        if (arguments.text("actionId").isEmpty()) {
            return hole -> true;
        }
        Action action = arguments.chosen(desk.plan(), Kind.ACTION, "actionId");
        SizeClass sizeClass = arguments.choice("sizeClass", SizeClass.WIDE);
        View view = arguments.choice("view", View.ANY);
        return hole -> hole.actionId().equals(action.id()) && hole.sizeClass() == sizeClass && hole.view() == view;
    }

    private static Map<String, String> show(Change step) {
        return step instanceof Change.Add add ? Map.of("shot", add.added().id().toString()) : Map.of();
    }
}
