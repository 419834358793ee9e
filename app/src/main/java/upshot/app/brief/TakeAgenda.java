package upshot.app.brief;

import java.util.List;
import java.util.Locale;
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
import upshot.core.plan.Moment;
import upshot.exchange.agenda.Agenda;
import upshot.exchange.agenda.AgendaCsv;
import upshot.exchange.agenda.AgendaIcs;
import upshot.exchange.agenda.AgendaLines;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/** Takes in the event's agenda: pasted lines, a CSV file or a calendar; which it is, is seen from its beginning. */
@Component
class TakeAgenda implements Gesture {

    @Override
    public String name() {
        return "take-agenda";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        boolean pasted = !arguments.text("text").isEmpty();
        Agenda.Frame frame = new Agenda.Frame(
                desk.plan().brief().shootDate(), desk.plan().brief().clock(), desk.ids());
        try {
            Agenda agenda = pasted
                    ? AgendaLines.read(arguments.text("text"), frame)
                    : file(Upload.bytes(arguments, "file", Decoded.MOST_BYTES), frame);
            List<Change> adds = agenda.moments().stream()
                    .map(moment -> (Change) new Change.Add(moment))
                    .toList();
            return Proposal.detailed(
                    "take in %d moments".formatted(adds.size()),
                    Change.batch(adds),
                    agenda.moments().stream().map(TakeAgenda::said).toList(),
                    agenda.leftOut());
        } catch (Unreadable wrong) {
            throw new InvalidField(pasted ? "text" : "file", wrong.getMessage());
        }
    }

    private static Agenda file(byte[] bytes, Agenda.Frame frame) {
        String text = Decoded.text(bytes);
        if (text.stripLeading().toUpperCase(Locale.ROOT).startsWith("BEGIN:VCALENDAR")) {
            return AgendaIcs.read(bytes, frame);
        }
        String first = text.stripLeading().lines().findFirst().orElse("");
        boolean table = first.matches("[^0-9]*[,;\\t][^0-9]*");
        return table ? AgendaCsv.read(bytes, frame) : AgendaLines.read(text, frame);
    }

    private static String said(Moment moment) {
        return "%s%s %s, %s min"
                .formatted(
                        moment.date().map(date -> date + " ").orElse(""),
                        moment.startTime(),
                        moment.name(),
                        Say.number(moment.durationMin(), 1));
    }
}
