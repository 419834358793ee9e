package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.brief.ActionLine;
import upshot.core.brief.NewActions;
import upshot.core.finding.Wording;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;

/** Takes in a pasted list, one action a line; a line that ends with a colon names the beat of those below it. */
@Component
class AddLines implements Gesture {

    private static final int MOST_LINES = 500;

    @Override
    public String name() {
        return "add-lines";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        UUID beatId = plan.beats().get(0).id();
        UUID spotId = arguments.chosen(plan, RecordKind.SPOT, "spotId").id();
        NewActions added = new NewActions(plan, context.ids());
        List<String> spots = plan.spots().stream().map(Spot::name).toList();
        List<String> details = new ArrayList<>();
        List<String> lines = arguments.text("text").lines().map(String::strip).toList();
        if (lines.size() > MOST_LINES) {
            throw new InvalidField("text", "There are %d lines; %d is the most.".formatted(lines.size(), MOST_LINES));
        }
        for (int number = 1; number <= lines.size(); number++) {
            String line = lines.get(number - 1).replaceFirst("^(?:[-*•]|\\d+[.)])\\s*", "");
            if (line.endsWith(":")) {
                beatId = added.beat(line.substring(0, line.length() - 1));
            } else if (!line.isEmpty()) {
                details.add(take(added, spots, line, number, beatId, spotId));
            }
        }
        if (details.isEmpty()) {
            throw new InvalidField("text", "There is no action in it.");
        }
        return Proposal.detailed("add " + Wording.count(details.size(), "action"), added.changes(), details, List.of());
    }

    private static String take(
            NewActions added, List<String> spots, String text, int number, UUID beatId, UUID spotId) {
        try {
            ActionLine line = Lines.read(added.subjectNames(), spots, text);
            added.add(line, beatId, spotId);
            return said(line);
        } catch (InvalidField wrong) {
            throw new InvalidField("text", "Line %d: %s".formatted(number, wrong.getMessage()));
        }
    }

    private static String said(ActionLine line) {
        String facts = line.chips().stream().map(ActionLine.Chip::label).collect(Collectors.joining(", "));
        String unknown = line.unknown().stream().map(ActionLine.Chip::label).collect(Collectors.joining(", "));
        return line.sentence()
                + (facts.isEmpty() ? "" : " · " + facts)
                + (unknown.isEmpty() ? "" : " · not understood: " + unknown);
    }
}
