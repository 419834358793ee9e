package upshot.app.brief;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.FileGesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.FileReading;
import upshot.app.web.Upload;
import upshot.core.finding.Wording;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.exchange.agenda.Agenda;
import upshot.exchange.agenda.AgendaCsv;
import upshot.exchange.agenda.AgendaIcs;
import upshot.exchange.agenda.AgendaLines;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/** Takes in the event's agenda: pasted lines, a CSV file or a calendar; which it is, is seen from its beginning. */
@Component
class TakeAgenda implements FileGesture {

    private final FileReading files;

    TakeAgenda(FileReading files) {
        this.files = files;
    }

    @Override
    public String name() {
        return "take-agenda";
    }

    @Override
    public Function<GestureContext, Proposal> prepared(Map<String, String> sent, Supplier<Plan> seen) {
        Arguments arguments = new Arguments(sent);
        String text = arguments.text("text");
        boolean pasted = !text.isEmpty();
        Agenda.Frame frame = frame(seen.get());
        try {
            byte[] file = pasted ? new byte[0] : Upload.bytes(arguments, "file", Decoded.MOST_BYTES);
            Agenda agenda = files.read(() -> pasted ? AgendaLines.read(text, frame) : file(file, frame));
            return context -> proposal(agenda, frame, frame(context.plan()));
        } catch (Unreadable wrong) {
            throw new InvalidField(pasted ? "text" : "file", wrong.getMessage());
        }
    }

    private static Agenda.Frame frame(Plan plan) {
        return new Agenda.Frame(plan.brief().shootDate(), plan.brief().clock(), UUID::randomUUID);
    }

    private static Proposal proposal(Agenda agenda, Agenda.Frame read, Agenda.Frame now) {
        if (!read.day().equals(now.day()) || !read.zone().equals(now.zone())) {
            throw new EditRefused("The day or its clock was changed meanwhile. Take the agenda in again.");
        }
        List<Change> adds = agenda.moments().stream()
                .map(moment -> (Change) new Change.Add(moment))
                .toList();
        return Proposal.detailed(
                "take in %d moments".formatted(adds.size()),
                Change.batch(adds),
                agenda.moments().stream().map(TakeAgenda::said).toList(),
                agenda.leftOut());
    }

    private static Agenda file(byte[] bytes, Agenda.Frame frame) {
        String text = Decoded.text(bytes);
        if (text.stripLeading().toUpperCase(Locale.ROOT).startsWith("BEGIN:VCALENDAR")) {
            return AgendaIcs.read(bytes, frame);
        }
        String first = text.stripLeading().lines().findFirst().orElse("");
        return isHeader(first) ? AgendaCsv.read(bytes, frame) : AgendaLines.read(text, frame);
    }

    /** The names of columns: separated, and without a figure among them. */
    private static boolean isHeader(String line) {
        return line.chars().noneMatch(one -> one >= '0' && one <= '9')
                && line.chars().anyMatch(one -> one == ',' || one == ';' || one == '\t');
    }

    private static String said(Moment moment) {
        return "%s%s %s, %s min"
                .formatted(
                        moment.date().map(date -> date + " ").orElse(""),
                        moment.startTime(),
                        moment.name(),
                        Wording.number(moment.durationMin(), 1));
    }
}
