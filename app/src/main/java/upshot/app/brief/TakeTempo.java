package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Upload;
import upshot.core.finding.Say;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Kind;
import upshot.core.plan.TempoMark;
import upshot.exchange.midi.MidiTempo;
import upshot.exchange.text.Unreadable;

/** Takes tempo and metre from a MIDI file in place of those there were; without a file it forgets them. */
@Component
class TakeTempo implements Gesture {

    private static final double MICROS_A_MINUTE = 60_000_000;

    @Override
    public String name() {
        return "take-tempo";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        List<Change> changes = new ArrayList<>();
        desk.plan().list(Kind.TEMPO).forEach(mark -> changes.add(new Change.Remove(mark)));
        if (arguments.on("forget")) {
            return Proposal.of("forget the MIDI file", Change.batch(changes));
        }
        try {
            List<TempoMark> marks = MidiTempo.read(Upload.bytes(arguments, "file", MidiTempo.MOST_BYTES), desk.ids());
            marks.forEach(mark -> changes.add(new Change.Add(mark)));
            return Proposal.detailed(
                    "take the tempo from a MIDI file",
                    Change.batch(changes),
                    marks.stream().map(TakeTempo::said).toList(),
                    List.of());
        } catch (Unreadable wrong) {
            throw new InvalidField("file", wrong.getMessage());
        }
    }

    private static String said(TempoMark mark) {
        return "from quarter %s: %s bpm in %d/%d"
                .formatted(
                        Say.number(mark.atQuarter(), 2),
                        Say.number(MICROS_A_MINUTE / mark.microsPerQuarter(), 2),
                        mark.beatsPerBar(),
                        mark.beatUnit());
    }
}
