package upshot.app.cut;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import upshot.app.web.FieldView.Choice;
import upshot.core.time.BeatGrid;

/**
 * How somebody looks at the score.
 *
 * @param bySeconds whether lines are measured by seconds though there is music
 * @param snap where edits may land
 * @param marked uses that the balance points at
 * @param line the line in the middle of the window: those far from it are laid out but not drawn
 */
public record ScoreView(boolean bySeconds, BeatGrid.Step snap, Set<UUID> marked, int line) {

    /** More than any window shows above or below. */
    static final int DRAWN_AROUND = 6;

    static ScoreView of(Map<String, String> parameters, Set<UUID> marked) {
        String line = parameters.getOrDefault("line", "");
        return new ScoreView(
                parameters.getOrDefault("lines", "").equals("seconds"),
                Arrays.stream(BeatGrid.Step.values())
                        .filter(step -> step.name().equals(parameters.get("snap")))
                        .findFirst()
                        .orElse(BeatGrid.Step.HALF),
                marked,
                line.matches("[0-9]{1,4}") ? Integer.parseInt(line) : 0);
    }

    boolean draws(int number) {
        return Math.abs(number - line) <= DRAWN_AROUND;
    }

    public List<Choice> lineChoices() {
        return List.of(new Choice("", "bars", !bySeconds), new Choice("seconds", "seconds", bySeconds));
    }

    public List<Choice> snapChoices() {
        return Arrays.stream(BeatGrid.Step.values())
                .map(step -> new Choice(step.name(), step.label(), step == snap))
                .toList();
    }
}
