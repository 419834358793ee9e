package upshot.app.ground;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.ground.Stand;
import upshot.core.light.WindowLight;
import upshot.core.plan.Action;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** What daylight through the windows of a room does in a picture, in words. */
final class RoomLight {

    private static final double NEARER_M = 1;

    private RoomLight() {}

    static String words(Plan plan, Shot shot) {
        Action action = plan.actionOf(shot);
        FloorPlan floor = FloorPlan.of(plan, plan.spotOf(action));
        double heightM = Stand.of(plan, shot).framing().aimM();
        return Place.of(plan, action)
                .flatMap(place -> WindowLight.at(floor, place.at(), heightM)
                        .map(light -> "Window light: %s. %s"
                                .formatted(
                                        side(light, place.directionDeg() + shot.bearingDeg()),
                                        Stream.concat(
                                                        nearer(floor, place, light, heightM).stream(),
                                                        others(plan, action, floor, light, heightM).stream())
                                                .collect(Collectors.joining(" ")))
                                .strip()))
                .orElse("");
    }

    private static String side(WindowLight light, double cameraDeg) {
        return switch (light.from(cameraDeg)) {
            case BEHIND -> "from behind the subject";
            case SIDE -> "from the side";
            default -> "from in front";
        };
    }

    private static Optional<String> nearer(FloorPlan floor, Place place, WindowLight light, double heightM) {
        Corner there = new Place(place.at(), light.towardsDeg()).camera(0, NEARER_M);
        return Optional.of(there)
                .filter(floor::holds)
                .flatMap(at -> WindowLight.at(floor, at, heightM))
                .map(nearer -> "A metre nearer to it is %s.".formatted(stops(nearer.stopsOver(light))));
    }

    /** Against where else something happens in the room. */
    private static List<String> others(Plan plan, Action action, FloorPlan floor, WindowLight light, double heightM) {
        return plan.actions().stream()
                .filter(one -> one.spotId().equals(action.spotId()) && !one.equals(action))
                .flatMap(one -> Place.of(plan, one).stream()
                        .flatMap(place -> WindowLight.at(floor, place.at(), heightM).stream())
                        .map(there -> "At “%s” it is %s.".formatted(one.name(), stops(there.stopsOver(light)))))
                .toList();
    }

    private static String stops(double stops) {
        String much = Wording.number(Math.abs(stops), 1);
        return much.equals("0") ? "as bright" : "%s stops %s".formatted(much, stops > 0 ? "brighter" : "darker");
    }
}
