package upshot.app.ground;

import java.util.List;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;

/** Points of a plan as they are typed or marked: "0 0, 5 0, 5 4". */
final class Points {

    private Points() {}

    /** @throws InvalidField beside the field, when they are not so many */
    static List<Corner> read(String field, String text, int number) {
        List<Corner> points = points(field, text);
        if (points.size() != number) {
            throw new InvalidField(field, "Mark %d points; %d are marked.".formatted(number, points.size()));
        }
        return points;
    }

    private static List<Corner> points(String field, String text) {
        try {
            return text.length() > 400 ? List.of() : Outline.points(text);
        } catch (IllegalArgumentException wrong) {
            throw new InvalidField(field, wrong.getMessage());
        }
    }
}
