package upshot.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import upshot.core.plan.Action;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Noise;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;

/** What is still to be looked at, measured or asked at a spot before anybody shoots there, in sentences. */
public final class SiteChecks {

    private final Plan plan;
    private final Spot spot;
    private final FloorPlan floor;
    private final List<String> checks = new ArrayList<>();

    private SiteChecks(Plan plan, Spot spot) {
        this.plan = plan;
        this.spot = spot;
        this.floor = FloorPlan.of(plan, spot);
    }

    public static List<String> of(Plan plan, Spot spot) {
        SiteChecks site = new SiteChecks(plan, spot);
        site.measures();
        site.whoDecides();
        site.lightAndSound();
        return List.copyOf(site.checks);
    }

    private void measures() {
        long paced = plan.<FloorCorner>list(RecordKind.CORNER).stream()
                .filter(one -> one.spotId().equals(spot.id()) && one.paced())
                .count();
        if (paced > 0) {
            checks.add(
                    "Measure what was only paced: %d corner%s, drawn dashed.".formatted(paced, paced == 1 ? "" : "s"));
        }
        if (!spot.outdoors() && spot.ceilingM().isEmpty()) {
            checks.add("How high the ceiling is.");
        }
        if (spot.facingDeg().isEmpty()) {
            checks.add("Which way it faces: the compass bearing of the way the plan goes up.");
        }
        List<String> nowhere = plan.actions().stream()
                .filter(one ->
                        one.spotId().equals(spot.id()) && Place.of(plan, one).isEmpty())
                .map(Action::name)
                .toList();
        if (!nowhere.isEmpty()) {
            checks.add("Where it happens: %s.".formatted(String.join("; ", nowhere)));
        }
    }

    private void whoDecides() {
        for (FloorPlan.Thing one : floor.things()) {
            if (one.what() == Standing.Kind.NO_GO) {
                String who = one.decides().isEmpty() ? "whoever decides" : one.decides();
                String why = one.reason().isEmpty() ? "" : " (%s)".formatted(one.reason());
                checks.add("Ask %s how far %s%s reaches.".formatted(who, one.name(), why));
            } else if (one.what() == Standing.Kind.WAY_OUT) {
                checks.add("How wide %s has to stay; local rules decide.".formatted(one.name()));
            } else if (one.what() == Standing.Kind.WATER) {
                checks.add("How near to %s anybody may work, and who watches.".formatted(one.name()));
            }
        }
        if (spot.opensTime().isPresent() || spot.closesTime().isPresent()) {
            checks.add("Who opens and locks up: from %s to %s."
                    .formatted(
                            spot.opensTime().map(Object::toString).orElse("any time"),
                            spot.closesTime().map(Object::toString).orElse("any time")));
        }
    }

    private void lightAndSound() {
        if (!plan.list(RecordKind.LIGHT).isEmpty() && has(Stretch.Kind.SOCKET).isEmpty()) {
            checks.add("Where mains sockets are, and what else hangs on their fuse.");
        }
        if (!has(Stretch.Kind.MIRROR).isEmpty() || !has(Stretch.Kind.GLASS).isEmpty()) {
            checks.add("From each stand, look for yourself in the mirrors and panes.");
        }
        if (!spot.outdoors() && !has(Stretch.Kind.WINDOW).isEmpty()) {
            checks.add("When the sun comes in by the windows, and whether blinds close.");
        }
        if (spot.noise() != Noise.QUIET) {
            checks.add("Stand still for a minute and listen: it is said to be %s."
                    .formatted(spot.noise().label().toLowerCase(Locale.ROOT)));
        }
    }

    private List<Stretch> has(Stretch.Kind kind) {
        return floor.stretches().stream().filter(one -> one.what() == kind).collect(Collectors.toList());
    }
}
