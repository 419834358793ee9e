package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.TempoMark;
import upshot.exchange.midi.MidiTempo;
import upshot.exchange.text.Unreadable;

/** Takes tempo and metre from a MIDI file in place of those there were; without a file it forgets them. */
@Component
class TakeTempo implements FileGesture {

    private static final double MICROS_A_MINUTE = 60_000_000;

    private final FileReading files;

    TakeTempo(FileReading files) {
        this.files = files;
    }

    @Override
    public String name() {
        return "take-tempo";
    }

    @Override
    public Function<GestureContext, Proposal> prepared(Map<String, String> sent, Supplier<Plan> seen) {
        Arguments arguments = new Arguments(sent);
        if (arguments.on("forget")) {
            return context -> Proposal.of("forget the MIDI file", Change.batch(removes(context.plan())));
        }
        byte[] file = Upload.bytes(arguments, "file", MidiTempo.MOST_BYTES);
        try {
            List<TempoMark> marks = files.read(() -> MidiTempo.read(file, UUID::randomUUID));
            return context -> proposal(context.plan(), marks);
        } catch (Unreadable wrong) {
            throw new InvalidField("file", wrong.getMessage());
        }
    }

    private static List<Change> removes(Plan plan) {
        return plan.list(RecordKind.TEMPO).stream()
                .map(mark -> (Change) new Change.Remove(mark))
                .toList();
    }

    private static Proposal proposal(Plan plan, List<TempoMark> marks) {
        List<Change> changes = new ArrayList<>(removes(plan));
        marks.forEach(mark -> changes.add(new Change.Add(mark)));
        return Proposal.detailed(
                "take the tempo from a MIDI file",
                Change.batch(changes),
                marks.stream().map(TakeTempo::said).toList(),
                List.of());
    }

    private static String said(TempoMark mark) {
        return "from quarter %s: %s bpm in %d/%d"
                .formatted(
                        Wording.number(mark.atQuarter(), 2),
                        Wording.number(MICROS_A_MINUTE / mark.microsPerQuarter(), 2),
                        mark.beatsPerBar(),
                        mark.beatUnit());
    }
}
