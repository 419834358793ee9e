package upshot.app.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import upshot.app.web.FieldView;
import upshot.core.finding.Wording;
import upshot.core.ground.Place;
import upshot.core.plan.Action;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Underlay;
import upshot.core.plan.Waypoint;

/** Everything on the plan with its measures: what the drawing shows to a pointer, this says to keys and screen readers. */
final class PlanList {

    private final Plan plan;
    private final Spot spot;
    private final String opened;

    /** Things of one sort. */
    record Group(String title, String none, List<Row> rows) {}

    /**
     * A thing.
     *
     * @param facts in a line
     * @param removable whether it can be taken off the plan here
     * @param corner whether another corner can follow on it
     */
    record Row(
            String kind,
            String id,
            String name,
            String facts,
            List<FieldView> fields,
            boolean removable,
            boolean corner,
            boolean open) {}

    PlanList(Plan plan, Spot spot, String opened) {
        this.plan = plan;
        this.spot = spot;
        this.opened = opened;
    }

    List<Group> groups() {
        return List.of(
                new Group("What happens here", "Nothing happens at this spot yet.", actions()),
                new Group("Floor", "A rectangle of width and depth; give it corners to draw another shape.", floor()),
                new Group("What stands here, and what is closed", "Nothing stands here yet.", standings()),
                new Group("Doors, windows, mirrors, mains", "None is drawn yet.", stretches()),
                new Group(
                        "Picture under it", "A plan, a map or a photograph from above can lie under it.", underlays()));
    }

    private <R extends PlanRecord> List<R> here(RecordKind<R> kind, Function<R, UUID> of) {
        return plan.list(kind).stream()
                .filter(one -> of.apply(one).equals(spot.id()))
                .toList();
    }

    private Row row(PlanRecord one, String name, String facts, List<FieldView> fields, boolean corner) {
        return new Row(
                RecordKind.of(one).name(),
                one.id().toString(),
                name,
                facts,
                fields,
                !(one instanceof Action || one instanceof Spot),
                corner,
                one.id().toString().equals(opened));
    }

    private List<Row> actions() {
        List<Row> rows = new ArrayList<>();
        for (Action action : plan.actions()) {
            if (!action.spotId().equals(spot.id())) {
                continue;
            }
            String facts = Place.of(plan, action)
                    .map(place -> "%s across, %s deep"
                            .formatted(
                                    Wording.metres(place.at().acrossM()),
                                    Wording.metres(place.at().deepM())))
                    .orElse("not on the plan yet");
            rows.add(row(
                    action,
                    action.name(),
                    facts,
                    List.of(
                            FieldView.number(action, "acrossM", "Across", "m"),
                            FieldView.number(action, "deepM", "Deep", "m")),
                    false));
            int number = 0;
            for (Waypoint point : plan.list(RecordKind.WAYPOINT)) {
                if (point.actionId().equals(action.id())) {
                    number++;
                    rows.add(waypoint(point, number));
                }
            }
            for (Performer performer : plan.performersOf(action)) {
                rows.add(row(
                        performer,
                        plan.get(RecordKind.SUBJECT, performer.subjectId()).name(),
                        "takes part in " + action.name(),
                        List.of(
                                FieldView.number(performer, "acrossM", "Across", "m"),
                                FieldView.number(performer, "deepM", "Deep", "m")),
                        false));
            }
        }
        return rows;
    }

    private Row waypoint(Waypoint point, int number) {
        return row(
                point,
                "Point %d of its way".formatted(number),
                at(point.acrossM(), point.deepM()),
                List.of(
                        FieldView.number(point, "acrossM", "Across", "m"),
                        FieldView.number(point, "deepM", "Deep", "m"),
                        FieldView.number(point, "pauseS", "Stays", "s")),
                false);
    }

    private static String at(double acrossM, double deepM) {
        return "%s across, %s deep".formatted(Wording.metres(acrossM), Wording.metres(deepM));
    }

    /** The spot itself, then its corners. */
    private List<Row> floor() {
        List<Row> rows = new ArrayList<>();
        rows.add(row(
                spot,
                spot.name(),
                spot.facingDeg()
                        .map(facing -> "goes deep to %s by the compass".formatted(Wording.degrees(facing)))
                        .orElse("which way it faces is not known"),
                List.of(
                        FieldView.number(spot, "facingDeg", "Goes deep to", "° compass"),
                        FieldView.number(spot, "widthM", "Width without corners", "m"),
                        FieldView.number(spot, "depthM", "Depth without corners", "m"),
                        FieldView.number(spot, "ceilingM", "Ceiling", "m")),
                false));
        rows.addAll(corners());
        return rows;
    }

    private List<Row> corners() {
        List<FloorCorner> all = here(RecordKind.CORNER, FloorCorner::spotId);
        List<Row> rows = new ArrayList<>();
        for (FloorCorner corner : all) {
            FloorCorner next = all.get((rows.size() + 1) % all.size());
            double lengthM = Math.hypot(next.acrossM() - corner.acrossM(), next.deepM() - corner.deepM());
            rows.add(row(
                    corner,
                    "Corner %d".formatted(rows.size() + 1),
                    "%s; %s to the next%s"
                            .formatted(
                                    at(corner.acrossM(), corner.deepM()),
                                    Wording.metres(lengthM),
                                    corner.paced() ? ", paced" : ""),
                    List.of(
                            FieldView.number(corner, "acrossM", "Across", "m"),
                            FieldView.number(corner, "deepM", "Deep", "m"),
                            FieldView.number(corner, "wallM", "Wall from here", "m high"),
                            FieldView.check(corner, "paced", "Counted in steps")),
                    true));
        }
        return rows;
    }

    private List<Row> standings() {
        return here(RecordKind.STANDING, Standing::spotId).stream()
                .map(one -> row(
                        one,
                        one.name(),
                        one.what().label()
                                + (one.heightM() > 0 ? ", %s high".formatted(Wording.metres(one.heightM())) : ""),
                        List.of(
                                FieldView.text(one, "name", "Name"),
                                FieldView.choice(one, "what", "Is"),
                                FieldView.text(one, "corners", "Corners, across and deep in m"),
                                FieldView.number(one, "heightM", "Height", "m"),
                                FieldView.text(one, "reason", "Why nobody stands there"),
                                FieldView.text(one, "decides", "Who decides")),
                        false))
                .toList();
    }

    private List<Row> underlays() {
        return here(RecordKind.UNDERLAY, Underlay::spotId).stream()
                .map(one -> row(
                        one,
                        "Picture",
                        "%s wide, %s deep".formatted(Wording.metres(one.wideM()), Wording.metres(one.highM())),
                        List.of(
                                FieldView.number(one, "acrossM", "Left edge", "m across"),
                                FieldView.number(one, "deepM", "Near edge", "m deep"),
                                FieldView.number(one, "wideM", "Width", "m"),
                                FieldView.number(one, "highM", "Depth", "m")),
                        false))
                .toList();
    }

    private List<Row> stretches() {
        return here(RecordKind.STRETCH, Stretch::spotId).stream()
                .map(one -> row(
                        one,
                        one.label(),
                        "%s wide"
                                .formatted(Wording.metres(Math.hypot(
                                        one.toAcrossM() - one.fromAcrossM(), one.toDeepM() - one.fromDeepM()))),
                        List.of(
                                FieldView.text(one, "name", "Name"),
                                FieldView.choice(one, "what", "Is a"),
                                FieldView.number(one, "fromAcrossM", "From, across", "m"),
                                FieldView.number(one, "fromDeepM", "deep", "m"),
                                FieldView.number(one, "toAcrossM", "To, across", "m"),
                                FieldView.number(one, "toDeepM", "deep", "m"),
                                FieldView.number(one, "sillM", "Sill", "m"),
                                FieldView.number(one, "headM", "Head", "m")),
                        false))
                .toList();
    }
}
