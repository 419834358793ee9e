package upshot.exchange.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.MoveExtent;
import upshot.core.ground.Place;
import upshot.core.ground.Site;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.shot.OnTheGround;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PlanShapes.StandShape;

/** The cameras of a spot: those that film what happens there, and those that stand there and look out. */
final class Cameras {

    private static final double PAST_SUBJECT = 1.15;
    private static final double WIDEST_DEG = 60;

    /** Cameras that stand no further apart share a number. */
    private static final double SAME_PLACE_M = 0.15;

    private final Verdict verdict;
    private final Plan plan;
    private final Spot spot;
    private final List<Standing> standing;

    /**
     * A camera on this plan.
     *
     * @param subject what it films, which may lie outside
     * @param elsewhere the other spot, empty for this one
     */
    record Standing(Shot shot, Corner at, Corner subject, String elsewhere) {}

    Cameras(Verdict verdict, Spot spot) {
        this.verdict = verdict;
        this.plan = verdict.plan();
        this.spot = spot;
        this.standing = plan.actions().stream()
                .flatMap(action -> Place.of(plan, action).stream().flatMap(place -> of(action, place)))
                .toList();
    }

    List<Standing> standing() {
        return standing;
    }

    private Stream<Standing> of(Action action, Place place) {
        boolean here = action.spotId().equals(spot.id());
        return plan.shotsOf(action).stream().flatMap(shot -> {
            Corner camera = place.camera(shot.bearingDeg(), Stand.of(plan, shot).groundDistanceM());
            Optional<String> from =
                    shot.cameraSpotId().map(id -> plan.get(RecordKind.SPOT, id).name());
            if (here) {
                return Stream.of(new Standing(shot, camera, place.at(), from.orElse("")));
            }
            return shot.cameraSpotId().filter(spot.id()::equals).isPresent()
                    ? lookingOut(action, place, shot, camera).stream()
                    : Stream.empty();
        });
    }

    /** A camera here that films another spot, as far as the site says where that lies. */
    private Optional<Standing> lookingOut(Action action, Place place, Shot shot, Corner camera) {
        Site site = Site.of(plan);
        return site.of(spot.id())
                .flatMap(here -> site.of(action.spotId())
                        .map(there -> new Standing(
                                shot,
                                here.own(there.onSite(camera)),
                                here.own(there.onSite(place.at())),
                                there.spot().name())));
    }

    List<StandShape> shapes(Look look) {
        List<StandShape> shapes = new ArrayList<>();
        List<Corner> places = new ArrayList<>();
        for (Standing one : standing) {
            int number = 0;
            while (number < places.size() && Place.apartM(places.get(number), one.at) > SAME_PLACE_M) {
                number++;
            }
            if (number == places.size()) {
                places.add(one.at);
            }
            shapes.add(shape(one, number + 1, look));
        }
        return shapes;
    }

    private StandShape shape(Standing one, int number, Look look) {
        Shot shot = one.shot;
        Stand stand = Stand.of(plan, shot);
        double half = stand.wedgeDeg(plan) / 2;
        double reach = stand.groundDistanceM() * PAST_SUBJECT / Degrees.cos(Math.min(WIDEST_DEG, half));
        double looks = Place.bearingDeg(one.at, one.subject);
        List<Finding> findings = OnTheGround.of(plan, shot, verdict.findingsOf(shot));
        return new StandShape(
                shot.id().toString(),
                shot.actionId().toString(),
                shot.code(),
                number,
                Cm.x(one.at),
                Cm.y(one.at),
                looks,
                Cm.points(List.of(one.at, Cm.from(one.at, looks - half, reach), Cm.from(one.at, looks + half, reach))),
                Cm.points(MoveExtent.track(plan, shot)),
                Verdict.status(findings).label(),
                look.chosen(shot),
                look.setUp().filter(all -> !all.contains(shot.id())).isPresent(),
                one.elsewhere,
                spoken(shot, stand, one, findings));
    }

    private String spoken(Shot shot, Stand stand, Standing one, List<Finding> findings) {
        String said = "%s, %s of %s: %s away, %s"
                .formatted(
                        shot.code(),
                        shot.size().label(),
                        plan.actionOf(shot).name(),
                        Wording.metres(stand.groundDistanceM()),
                        Wording.place(shot.bearingDeg()));
        boolean here = plan.actionOf(shot).spotId().equals(spot.id());
        String other = one.elsewhere.isEmpty() ? "" : (here ? ", stands in " : ", looks out to ") + one.elsewhere;
        return said
                + other
                + (Verdict.status(findings) == Status.CLEAR
                        ? ""
                        : "; " + findings.get(0).title());
    }
}
