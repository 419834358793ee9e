package upshot.app.brief;

import java.util.ArrayList;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.core.plan.Action;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;

/** Everything about an action that can be set in place. */
final class ActionFields {

    private ActionFields() {}

    static List<FieldView> of(Plan plan, Action action) {
        Subject subject = plan.subjectOf(action);
        List<FieldView> fields = new ArrayList<>(List.of(
                FieldView.text(action, "name", "What happens"),
                FieldView.oneOf(action, "subjectId", "Who or what", "", TalkView.choices(plan.subjects())),
                FieldView.oneOf(action, "beatId", "Beat", "", TalkView.choices(plan.beats())),
                FieldView.oneOf(action, "spotId", "Spot", "", TalkView.choices(plan.spots())),
                FieldView.choice(subject, "kind", "Is a"),
                FieldView.number(subject, "heightM", "Height of " + subject.name(), "m")));
        if (subject.kind() == SubjectKind.PERSON) {
            fields.add(FieldView.choice(action, "posture", "Posture"));
        } else {
            fields.add(FieldView.choice(subject, "form", "Looks like"));
            fields.add(FieldView.number(subject, "widthM", "Width", "m"));
            fields.add(FieldView.number(subject, "lengthM", "Length", "m"));
        }
        fields.add(FieldView.number(action, "baseHeightM", "Stands on", "m up"));
        fields.add(FieldView.number(action, "acrossM", "In the spot", "m across"));
        fields.add(FieldView.number(action, "deepM", "and", "m deep"));
        fields.addAll(times(action));
        fields.addAll(looks(action));
        return fields;
    }

    private static List<FieldView> times(Action action) {
        return List.of(
                FieldView.number(action, "durationS", "Takes", "s"),
                FieldView.number(action, "resetMin", "Reset", "min"),
                FieldView.time(action, "fixedTime", "At, if fixed"),
                FieldView.time(action, "fromTime", "Not before"),
                FieldView.time(action, "untilTime", "Not after"),
                FieldView.choice(action, "wantedLight", "Light"),
                FieldView.check(action, "once", "Once only"),
                FieldView.check(action, "soonGone", "Soon gone"),
                FieldView.check(action, "messy", "Messy"),
                FieldView.check(action, "tiring", "Tiring"),
                FieldView.check(action, "quick", "Brief, fast or liquid"),
                FieldView.choice(action, "taken", "Pictures are taken"),
                FieldView.check(action, "stagedAgain", "Can be done again for the camera"),
                FieldView.check(action, "onePicture", "One picture is enough"),
                FieldView.check(action, "feature", "Nothing happens: a place or thing"));
    }

    private static List<FieldView> looks(Action action) {
        List<FieldView> fields = new ArrayList<>();
        fields.add(FieldView.choice(action, "focus", "It is about"));
        fields.add(FieldView.choice(action, "line", "Direction"));
        if (action.line() != Line.NONE) {
            fields.add(FieldView.choice(action, "side", "On screen"));
            fields.add(FieldView.number(action, "speedMps", "Speed", "m/s"));
        }
        fields.addAll(List.of(
                FieldView.text(action, "thing", "Thing to show"),
                FieldView.choice(action, "thingForm", "It looks like"),
                FieldView.number(action, "thingHeightM", "Thing's height", "m"),
                FieldView.number(action, "thingBaseM", "Above the floor", "m"),
                FieldView.text(action, "setsState", "Leaves it"),
                FieldView.text(action, "phases", "Phases"),
                FieldView.choice(action, "rises", "Up or down"),
                FieldView.text(action, "strand", "Strand of the story"),
                FieldView.text(action, "sound", "Sound"),
                FieldView.check(action, "speech", "Somebody speaks"),
                FieldView.check(action, "playback", "To a playback"),
                FieldView.check(action, "noSound", "No sound wanted")));
        return fields;
    }
}
