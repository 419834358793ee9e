package upshot.exchange.ground;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.ground.Skyline;
import upshot.core.light.SunAt;
import upshot.core.plan.Action;
import upshot.core.plan.Line;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.exchange.ground.PlanShapes.ActionShape;
import upshot.exchange.ground.PlanShapes.LampShape;
import upshot.exchange.ground.PlanShapes.PersonShape;

/** What happens at a spot, where and which way it goes, and the lamps that light it. */
final class Happenings {

    private static final double ARROW_M = 1.2;
    private static final double ARROW_HEAD = 0.8;
    private static final double ARROW_DEG = 8;

    /** Where lamps are taken to stand while nobody measures them. */
    private static final double LAMP_M = 2;

    private static final double BEAM_DEG = 14;

    /** Further than any floor is wide. */
    private static final double FAR_M = 1500;

    private final Plan plan;
    private final FloorPlan floor;
    private final List<Action> here;

    Happenings(Plan plan, FloorPlan floor, List<Action> here) {
        this.plan = plan;
        this.floor = floor;
        this.here = here;
    }

    List<ActionShape> shapes(Look look) {
        return here.stream()
                .flatMap(action -> Place.of(plan, action).map(place -> shape(action, place, look)).stream())
                .toList();
    }

    private ActionShape shape(Action action, Place place, Look look) {
        Corner at = place.at();
        Corner tip = place.camera(0, ARROW_M);
        boolean directed = action.line() != Line.NONE;
        return new ActionShape(
                action.id().toString(),
                action.name(),
                Cm.x(at),
                Cm.y(at),
                Cm.points(Place.path(plan, action)),
                directed ? Cm.points(List.of(place.camera(180, 2 * ARROW_M), place.camera(0, 3 * ARROW_M))) : "",
                directed
                        ? Cm.points(List.of(
                                at,
                                tip,
                                place.camera(ARROW_DEG, ARROW_M * ARROW_HEAD),
                                tip,
                                place.camera(-ARROW_DEG, ARROW_M * ARROW_HEAD)))
                        : "",
                look.chosen()
                        .filter(shot -> shot.actionId().equals(action.id()))
                        .isPresent(),
                look.sun().filter(sun -> inShade(at, sun)).isPresent());
    }

    /** Who takes part beside the subject, where somebody has said where they are. */
    List<PersonShape> people() {
        return here.stream()
                .flatMap(action -> plan.performersOf(action).stream())
                .flatMap(one -> Place.place(one).stream()
                        .map(at -> new PersonShape(
                                one.id().toString(),
                                plan.get(RecordKind.SUBJECT, one.subjectId()).name(),
                                Cm.x(at),
                                Cm.y(at))))
                .toList();
    }

    private boolean inShade(Corner at, SunAt sun) {
        return sun.up() && new Skyline(floor, at).hides(sun.altitudeDeg(), sun.towardsDeg());
    }

    /** All of the floor that lies on the side of the chosen action's line from which it goes the way that is kept. */
    String kept(Look look) {
        return chosenHere(look)
                .filter(shot -> plan.actionOf(shot).line() != Line.NONE)
                .flatMap(shot -> Place.of(plan, plan.actionOf(shot))
                        .map(place -> kept(place, plan.actionOf(shot).side())))
                .orElse("");
    }

    /** Seen from the right of the way it goes, it goes from left to right. */
    private static String kept(Place place, Side side) {
        double aside = side == Side.LEFT_TO_RIGHT ? 90 : -90;
        Place back = new Place(place.camera(180, FAR_M), place.directionDeg());
        Place front = new Place(place.camera(0, FAR_M), place.directionDeg());
        return Cm.points(List.of(back.at(), front.at(), front.camera(aside, FAR_M), back.camera(aside, FAR_M)));
    }

    private Optional<Shot> chosenHere(Look look) {
        return look.chosen().filter(shot -> here.contains(plan.actionOf(shot)));
    }

    /** The lamps that are noted on the chosen shot, two metres off. */
    List<LampShape> lamps(Look look) {
        return chosenHere(look).stream()
                .flatMap(shot -> Place.of(plan, plan.actionOf(shot)).stream()
                        .flatMap(place -> Stream.of(
                                        shot.keyDeg().map(deg -> lamp("key", place, deg)),
                                        shot.fillDeg().map(deg -> lamp("fill", place, deg)),
                                        shot.backDeg().map(deg -> lamp("back", place, deg)))
                                .flatMap(Optional::stream)))
                .toList();
    }

    private static LampShape lamp(String name, Place place, double bearingDeg) {
        Corner at = place.camera(bearingDeg, LAMP_M);
        double towards = Place.bearingDeg(at, place.at());
        return new LampShape(
                name,
                Cm.x(at),
                Cm.y(at),
                Cm.points(
                        List.of(at, Cm.from(at, towards - BEAM_DEG, LAMP_M), Cm.from(at, towards + BEAM_DEG, LAMP_M))));
    }
}
