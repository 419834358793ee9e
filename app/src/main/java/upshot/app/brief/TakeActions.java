package upshot.app.brief;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Upload;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.exchange.csv.ActionsCsv;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/** Takes in actions from a CSV file. */
@Component
class TakeActions implements Gesture {

    @Override
    public String name() {
        return "take-actions";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        byte[] file = Upload.bytes(new Arguments(sent), "file", Decoded.MOST_BYTES);
        try {
            Change.Batch change = ActionsCsv.read(file, desk.plan(), desk.ids());
            List<String> details = change.steps()
                    .filter(step -> step instanceof Change.Add add && add.added() instanceof Action)
                    .map(step -> ((Change.Add) step).added().label())
                    .toList();
            return Proposal.detailed("take in %d actions".formatted(details.size()), change, details, List.of());
        } catch (Unreadable wrong) {
            throw new InvalidField("file", wrong.getMessage());
        }
    }
}
