package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.house.LightSchool;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.size.Size;

/** Everything about a shot that can be set in place, what is set most often first. */
final class ShotFields {

    private ShotFields() {}

    static List<FieldView> of(Plan plan, Shot shot) {
        List<FieldView> fields = new ArrayList<>();
        fields.add(sizes(shot));
        List<Subject> performing = Coverage.performing(plan, plan.actionOf(shot));
        if (performing.size() > 1) {
            fields.add(FieldView.oneOf(shot, "subjectId", "Shows", "", who(performing)));
        }
        fields.add(FieldView.choice(shot, "aim", "Aimed at"));
        if (shot.size() == Size.INSERT) {
            fields.add(FieldView.number(shot, "insertHeightM", "Shows", "m high"));
        }
        if (shot.move().moving()) {
            fields.add(FieldView.number(shot, "moveM", "Moves", "m"));
            fields.add(FieldView.number(shot, "turnDeg", "Turns", "°"));
            fields.add(FieldView.check(shot, "moveBack", "To the left, or down"));
            fields.add(FieldView.choice(shot, "reason", "Reason"));
            fields.add(FieldView.choice(shot, "alsoMove", "Second move"));
        }
        fields.add(FieldView.oneOf(
                shot,
                "focalLengthMm",
                "Lens",
                "",
                Glass.settings(plan)
                        .map(one -> new Choice(Wording.number(one.focalLengthMm(), 4), one.label(), false))
                        .toList()));
        fields.addAll(List.of(
                FieldView.number(shot, "apertureN", "Aperture f/", ""),
                FieldView.number(shot, "cameraHeightM", "Camera up", "m"),
                FieldView.choice(shot, "placement", "Placed"),
                FieldView.choice(shot, "support", "Support"),
                FieldView.choice(shot, "move", "Move"),
                FieldView.oneOf(shot, "captureRate", "Rate", "fps", rates(plan)),
                FieldView.number(shot, "shutterPerS", "Shutter 1/", "s"),
                FieldView.number(shot, "iso", "ISO", ""),
                FieldView.number(shot, "holdS", "Hold", "s"),
                FieldView.number(shot, "takes", "Takes", ""),
                FieldView.choice(shot, "priority", "Need"),
                FieldView.choice(shot, "meant", "Meant as"),
                FieldView.choice(shot, "frameUse", "Subject"),
                FieldView.choice(shot, "viewpoint", "Viewpoint"),
                FieldView.number(shot, "rollDeg", "Tilted", "°"),
                FieldView.check(shot, "rollMeant", "Tilted on purpose"),
                FieldView.check(shot, "zooms", "Zooms"),
                FieldView.number(shot, "ndStops", "ND", "stops"),
                FieldView.number(shot, "dioptrePerM", "Close-up glass", "1/m"),
                FieldView.number(shot, "punchIn", "Punch-in", "×"),
                FieldView.oneOf(shot, "cameraSpotId", "Camera stands in", "", standsIn(plan, shot)),
                FieldView.check(shot, "cleanPlate", "Clean plate"),
                FieldView.check(shot, "lampsOff", "Lamps off"),
                FieldView.check(shot, "foreground", "Foreground"),
                FieldView.text(shot, "note", "Note")));
        if (plan.house().light() == LightSchool.SHAPED) {
            fields.addAll(List.of(
                    FieldView.number(shot, "keyDeg", "Key from", "°"),
                    FieldView.number(shot, "fillDeg", "Fill from", "°"),
                    FieldView.number(shot, "backDeg", "Back light from", "°")));
        }
        return fields;
    }

    /** An insert needs the height of what it shows first, so it is offered only where that is known. */
    private static FieldView sizes(Shot shot) {
        List<Choice> sizes = Arrays.stream(Size.values())
                .filter(size -> size != Size.INSERT || shot.insertHeightM().isPresent())
                .map(size -> new Choice(size.name(), size.label(), false))
                .toList();
        return FieldView.oneOf(shot, "size", "Size", "", sizes);
    }

    /** The action's own subject is what a shot shows where nobody else is named. */
    private static List<Choice> who(List<Subject> performing) {
        List<Choice> choices = new ArrayList<>();
        performing.forEach(
                one -> choices.add(new Choice(choices.isEmpty() ? "" : one.id().toString(), one.name(), false)));
        return choices;
    }

    /** The action's own spot, or another from which the camera looks in or out. */
    private static List<Choice> standsIn(Plan plan, Shot shot) {
        Spot own = plan.spotOf(plan.actionOf(shot));
        List<Choice> choices = new ArrayList<>(List.of(new Choice("", own.name(), false)));
        plan.spots().stream()
                .filter(spot -> !spot.equals(own))
                .forEach(spot -> choices.add(new Choice(spot.id().toString(), spot.name(), false)));
        return choices;
    }

    /** What the first body records. */
    private static List<Choice> rates(Plan plan) {
        return plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .distinct()
                .sorted()
                .map(rate -> new Choice(rate.toString(), rate.label(), false))
                .toList();
    }
}
