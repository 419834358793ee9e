package upshot.app.brief;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import upshot.app.job.FileGesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.FileReading;
import upshot.app.web.Upload;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.exchange.csv.ActionsCsv;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Table;
import upshot.exchange.text.Unreadable;

/** Takes in actions from a CSV file. */
@Component
class TakeActions implements FileGesture {

    private final FileReading files;

    TakeActions(FileReading files) {
        this.files = files;
    }

    @Override
    public String name() {
        return "take-actions";
    }

    @Override
    public Function<GestureContext, Proposal> prepared(Map<String, String> sent, Supplier<Plan> seen) {
        byte[] file = Upload.bytes(new Arguments(sent), "file", Decoded.MOST_BYTES);
        Table table = read(() -> files.read(() -> ActionsCsv.table(file)));
        return context -> read(() -> proposal(ActionsCsv.read(table, context.plan(), context.ids())));
    }

    private static <T> T read(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (Unreadable wrong) {
            throw new InvalidField("file", wrong.getMessage());
        }
    }

    private static Proposal proposal(Change.Batch change) {
        List<String> details = change.steps()
                .filter(step -> step instanceof Change.Add add && add.added() instanceof Action)
                .map(step -> ((Change.Add) step).added().label())
                .toList();
        return Proposal.detailed("take in " + Wording.count(details.size(), "action"), change, details, List.of());
    }
}
