package upshot.app.cut;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Selected;
import upshot.core.plan.Accepted;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.RecordKind;

/** Lets a finding stand, with the reason. */
@Component
class AcceptFinding implements Gesture {

    @Override
    public String name() {
        return "accept-finding";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        if (arguments.text("reason").length() < 3) {
            throw new InvalidField("reason", "Say why it may stand: whoever cuts will want to know.");
        }
        Accepted accepted = new Accepted(
                context.ids().get(),
                arguments.text("ruleId"),
                use(context, arguments, "outUseId"),
                use(context, arguments, "intoUseId"),
                Optional.empty(),
                arguments.on("breaks"),
                Optional.of(arguments.number("measured", 0)),
                arguments.text("reason"));
        return Proposal.of("let %s stand".formatted(accepted.ruleId().replace('-', ' ')), new Change.Add(accepted));
    }

    private static Optional<UUID> use(GestureContext context, Arguments arguments, String name) {
        return arguments.text(name).isEmpty()
                ? Optional.empty()
                : Optional.of(Selected.of(context.plan(), RecordKind.USE, arguments.values(), name)
                        .orElseThrow(() -> new InvalidField(name, "This use is not there any more."))
                        .id());
    }
}
