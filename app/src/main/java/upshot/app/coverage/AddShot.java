package upshot.app.coverage;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.size.Framing;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** Adds one more shot of an action in a class, whether or not anything is missing there. */
@Component
class AddShot implements Gesture {

    @Override
    public String name() {
        return "add-shot";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Action action = arguments.chosen(context.plan(), RecordKind.ACTION, "actionId");
        Shot shot = Shot.draft(
                        context.ids().get(),
                        action.id(),
                        context.codes().next(action.codePrefix()),
                        context.plan().brief().rate())
                .withRank(Ranks.after(context.plan().shotsOf(action)));
        Shot sized = sized(action, shot, arguments.choice("sizeClass", SizeClass.MID));
        return Proposal.showing(
                "add " + sized.code(),
                new Change.Add(sized),
                Map.of("shot", sized.id().toString()));
    }

    private static Shot sized(Action action, Shot shot, SizeClass sizeClass) {
        return switch (sizeClass) {
            case WIDE -> shot.withSize(Size.WIDE).withFocalLengthMm(24.0);
            case MID -> shot;
            case DETAIL ->
                action.hasThing()
                        ? shot.withInsertHeightM(Optional.of(Framing.insertHeightM(action.thingHeightM())))
                                .withSize(Size.INSERT)
                                .withFocalLengthMm(85.0)
                        : shot.withSize(Size.CLOSE_UP).withFocalLengthMm(85.0);
        };
    }
}
