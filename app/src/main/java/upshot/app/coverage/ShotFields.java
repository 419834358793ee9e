package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import upshot.app.web.FieldView;
import upshot.app.web.FieldView.Choice;
import upshot.core.coverage.Coverage;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.house.LightSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.size.Size;

/** Everything about a shot that can be set in place, what is set most often first. */
final class ShotFields {

    private ShotFields() {}

    /**
     * What is set more rarely.
     *
     * @param title what the fields are about
     */
    record Group(String title, List<FieldView> fields) {}

    /** All of them, what is decided first in front. */
    static List<FieldView> of(Plan plan, Shot shot) {
        List<FieldView> fields = new ArrayList<>(List.of(size(shot)));
        fields.addAll(besideSize(plan, shot));
        fields.add(FieldView.oneOf(
                shot,
                "captureRate",
                "Rate",
                "fps",
                rates(plan)
                        .map(rate -> new Choice(rate.toString(), rate.label(), false))
                        .toList()));
        further(plan, shot).forEach(group -> fields.addAll(group.fields()));
        return fields;
    }

    static FieldView size(Shot shot) {
        return FieldView.oneOf(
                shot,
                "size",
                "Size",
                "",
                sizes(shot)
                        .map(size -> new Choice(size.name(), size.label(), false))
                        .toList());
    }

    /** Height, lens, support, move and need: what is decided about every shot beside its size and its side. */
    static List<FieldView> besideSize(Plan plan, Shot shot) {
        List<FieldView> fields = new ArrayList<>();
        fields.add(FieldView.number(shot, "cameraHeightM", "Camera up", "m"));
        fields.add(FieldView.oneOf(
                shot,
                "focalLengthMm",
                "Lens",
                "",
                Glass.settings(plan)
                        .map(one -> new Choice(Wording.number(one.focalLengthMm(), 4), one.label(), false))
                        .toList()));
        fields.addAll(decided(shot));
        return fields;
    }

    /** Those that its own page does not show as rows of buttons. */
    static List<FieldView> decided(Shot shot) {
        List<FieldView> fields = new ArrayList<>(
                List.of(FieldView.choice(shot, "support", "Support"), FieldView.choice(shot, "move", "Move")));
        if (shot.move().moving()) {
            fields.add(FieldView.number(shot, "moveM", "Moves", "m"));
            fields.add(FieldView.number(shot, "turnDeg", "Turns", "°"));
        }
        fields.add(FieldView.choice(shot, "priority", "Need"));
        return fields;
    }

    static List<Group> further(Plan plan, Shot shot) {
        List<Group> groups = new ArrayList<>();
        groups.add(new Group("In the frame", framed(plan, shot)));
        if (shot.move().moving()) {
            groups.add(new Group(
                    "The move",
                    List.of(
                            FieldView.check(shot, "moveBack", "To the left, or down"),
                            FieldView.choice(shot, "reason", "Reason"),
                            FieldView.choice(shot, "alsoMove", "Second move"),
                            FieldView.check(shot, "zooms", "Zooms"))));
        }
        groups.add(new Group(
                "Exposure and glass",
                List.of(
                        FieldView.number(shot, "apertureN", "Aperture f/", ""),
                        FieldView.number(shot, "shutterPerS", "Shutter 1/", "s"),
                        FieldView.number(shot, "iso", "ISO", ""),
                        FieldView.number(shot, "ndStops", "ND", "stops"),
                        FieldView.number(shot, "dioptrePerM", "Close-up glass", "1/m"),
                        FieldView.number(shot, "punchIn", "Punch-in", "×"),
                        FieldView.check(shot, "lampsOff", "Lamps off"))));
        if (plan.house().light() == LightSchool.SHAPED) {
            groups.add(new Group(
                    "Light from",
                    List.of(
                            FieldView.number(shot, "keyDeg", "Key from", "°"),
                            FieldView.number(shot, "fillDeg", "Fill from", "°"),
                            FieldView.number(shot, "backDeg", "Back light from", "°"))));
        }
        groups.add(new Group(
                "Takes",
                List.of(
                        FieldView.number(shot, "holdS", "Hold", "s"),
                        FieldView.number(shot, "takes", "Takes", ""),
                        FieldView.choice(shot, "meant", "Meant as"),
                        FieldView.check(shot, "cleanPlate", "Clean plate"),
                        FieldView.text(shot, "note", "Note"))));
        return groups;
    }

    private static List<FieldView> framed(Plan plan, Shot shot) {
        List<FieldView> fields = new ArrayList<>();
        List<Subject> performing = Coverage.performing(plan, plan.actionOf(shot));
        if (performing.size() > 1) {
            fields.add(FieldView.oneOf(shot, "subjectId", "Shows", "", who(performing)));
        }
        fields.add(FieldView.choice(shot, "aim", "Aimed at"));
        if (shot.size() == Size.INSERT) {
            fields.add(FieldView.number(shot, "insertHeightM", "Shows", "m high"));
        }
        fields.addAll(List.of(
                FieldView.choice(shot, "placement", "Placed"),
                FieldView.choice(shot, "frameUse", "Subject"),
                FieldView.choice(shot, "viewpoint", "Viewpoint"),
                FieldView.oneOf(shot, "cameraSpotId", "Camera stands in", "", standsIn(plan, shot)),
                FieldView.number(shot, "rollDeg", "Tilted", "°"),
                FieldView.check(shot, "rollMeant", "Tilted on purpose"),
                FieldView.check(shot, "foreground", "Foreground")));
        return fields;
    }

    /** An insert needs the height of what it shows first, so it is offered only where that is known. */
    static Stream<Size> sizes(Shot shot) {
        return Arrays.stream(Size.values())
                .filter(size -> size != Size.INSERT || shot.insertHeightM().isPresent());
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
    static Stream<FrameRate> rates(Plan plan) {
        return plan.modesOf(plan.bodies().get(0)).stream()
                .flatMap(mode -> mode.rates().rates().stream())
                .distinct()
                .sorted();
    }
}
