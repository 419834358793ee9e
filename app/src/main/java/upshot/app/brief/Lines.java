package upshot.app.brief;

import java.util.List;
import upshot.core.brief.ActionLine;
import upshot.core.brief.LineReader;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;

/** Reads typed lines with the names that a plan knows. */
final class Lines {

    private Lines() {}

    static ActionLine read(Plan plan, String line) {
        return read(
                plan.subjects().stream().map(Subject::name).toList(),
                plan.spots().stream().map(Spot::name).toList(),
                line);
    }

    static ActionLine read(List<String> subjects, List<String> spots, String line) {
        if (line.length() > LineReader.LONGEST) {
            throw new InvalidField("line", "A line can be %d characters long.".formatted(LineReader.LONGEST));
        }
        return new LineReader(subjects, spots).read(line);
    }
}
