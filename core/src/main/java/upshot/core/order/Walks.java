package upshot.core.order;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.ground.Site;
import upshot.core.ground.Ways.Way;
import upshot.core.house.Threshold;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Walk;

/**
 * How long it takes to carry the kit from spot to spot: what somebody has typed, else the way over the site where both have
 * a place on it, else what is usual.
 */
public final class Walks {

    /** Walks are known to half a minute at best. */
    private static final double STEPS_A_MINUTE = 2;

    private static final double MOST_MIN = 600;

    private Walks() {}

    /** A row of minutes for each spot. */
    static List<List<Double>> table(Plan plan) {
        return plan.spots().stream()
                .map(from -> plan.spots().stream()
                        .map(to -> minutes(plan, from.id(), to.id()))
                        .toList())
                .toList();
    }

    private static double minutes(Plan plan, UUID from, UUID to) {
        return typedMin(plan, from, to)
                .or(() -> Site.of(plan).way(from, to).map(Walks::minutes))
                .orElseGet(() -> plan.threshold(Threshold.WALK));
    }

    /** What somebody has typed, which holds whatever the plan says. */
    public static Optional<Double> typedMin(Plan plan, UUID from, UUID to) {
        return plan.list(RecordKind.WALK).stream()
                .filter(one -> one.joins(from, to))
                .findFirst()
                .map(Walk::minutes);
    }

    /** Minutes of a way over the site, up to the next half. */
    public static double minutes(Way way) {
        return Math.min(MOST_MIN, Math.ceil(way.minutes() * STEPS_A_MINUTE) / STEPS_A_MINUTE);
    }

    /** A walk that the site gives. */
    public record FromSite(Spot from, Spot to, Way way) {}

    /** The ways between all spots that are on the site; none where these are so many that ways are straight lines. */
    public static List<FromSite> fromSite(Plan plan) {
        Site site = Site.of(plan);
        if (site.spots().size() > Site.MOST_WALKED_ROUND) {
            return List.of();
        }
        List<Spot> spots = site.spots().stream().map(Site.Placed::spot).toList();
        return spots.stream()
                .flatMap(from -> spots.subList(spots.indexOf(from) + 1, spots.size()).stream()
                        .flatMap(to -> site.way(from.id(), to.id()).map(way -> new FromSite(from, to, way)).stream()))
                .toList();
    }
}
