package upshot.app.coverage;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.coverage.Copies;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** One more shot out of the selected one: the same again, mirrored for the ending, punched in, or split by its moves. */
@Component
class CopyShot implements Gesture {

    private enum How {
        AGAIN,
        ENDING,
        PUNCH_IN,
        SPLIT
    }

    @Override
    public String name() {
        return "copy-shot";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Shot shot = arguments.chosen(plan, RecordKind.SHOT, "shotId");
        UUID id = context.ids().get();
        return switch (arguments.choice("how", How.AGAIN)) {
            case AGAIN -> added("duplicate", shot, Copies.duplicate(plan, shot, id, code(context, shot)));
            case ENDING ->
                Copies.ending(plan, shot)
                        .flatMap(ending ->
                                Copies.forEnding(plan, shot, id, context.codes().next(ending.codePrefix())))
                        .map(copy -> added("mirror for the ending", shot, copy))
                        .orElseThrow(() -> new EditRefused(
                                "Nothing happens in an ending yet. Write an action into it in the Brief first."));
            case PUNCH_IN ->
                Copies.punchedIn(plan, shot, id, code(context, shot))
                        .map(copy -> added("split by punch-in", shot, copy))
                        .orElseThrow(
                                () -> new EditRefused(
                                        "No tighter size that counts fits: the body records too little more than is delivered."));
            case SPLIT -> split(shot, Copies.splitByMove(plan, shot, id, code(context, shot)));
        };
    }

    private static String code(GestureContext context, Shot shot) {
        return context.codes().next(context.plan().actionOf(shot).codePrefix());
    }

    private static Proposal added(String what, Shot from, Shot added) {
        return Proposal.showing(
                "%s %s".formatted(what, from.code()),
                new Change.Add(added),
                Map.of("shot", added.id().toString()));
    }

    private static Proposal split(Shot shot, List<Change> changes) {
        if (changes.isEmpty()) {
            throw new EditRefused("%s has one move only.".formatted(shot.code()));
        }
        return Proposal.of("split %s by its moves".formatted(shot.code()), Change.batch(changes));
    }
}
