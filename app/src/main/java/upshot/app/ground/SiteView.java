package upshot.app.ground;

import java.util.List;
import java.util.Map;
import upshot.app.web.FieldView;
import upshot.core.finding.Wording;
import upshot.core.ground.Site;
import upshot.core.order.Walks;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.exchange.ground.PlanSvg;
import upshot.exchange.ground.SiteDrawing;

/** Where the spots lie to each other, and how long it takes from one to the other. */
final class SiteView {

    /** Beside what is there, a spot that is placed is put where it can be seen. */
    private static final double BESIDE_M = 5;

    private SiteView() {}

    /** A walk that the site gives, and what holds in its place. */
    record WalkRow(String from, String to, String said) {}

    /** A spot that is not on the site yet, and where it would be put. */
    record Lost(String id, String name, double east, double north) {}

    static void into(Map<String, Object> model, Plan plan, String opened) {
        Site site = Site.of(plan);
        model.put("spotName", "The site");
        model.put(
                "facts",
                "%d of %d spots lie on it, north is up"
                        .formatted(site.spots().size(), plan.spots().size()));
        model.put(
                "drawn",
                PlanSvg.page(
                        SiteDrawing.of(plan),
                        "The site from above. Its spots are in the list below, with their places.",
                        ""));
        model.put(
                "groups",
                List.of(new PlanList.Group(
                        "Where each spot lies",
                        "There are no spots yet.",
                        plan.spots().stream().map(spot -> row(spot, opened)).toList())));
        model.put(
                "walks",
                Walks.fromSite(plan).stream().map(one -> walk(plan, one)).toList());
        model.put("manySpots", site.spots().size() > Site.MOST_WALKED_ROUND);
        model.put("lost", lost(plan, site));
    }

    private static PlanList.Row row(Spot spot, String opened) {
        return new PlanList.Row(
                "spot",
                spot.id().toString(),
                spot.name(),
                spot.siteEastM()
                        .flatMap(east -> spot.siteNorthM()
                                .map(north -> "its own corner %s east, %s north"
                                        .formatted(Wording.metres(east), Wording.metres(north))))
                        .orElse("not on the site yet"),
                List.of(
                        FieldView.number(spot, "siteEastM", "East", "m"),
                        FieldView.number(spot, "siteNorthM", "North", "m"),
                        FieldView.number(spot, "facingDeg", "Goes deep to", "° compass")),
                false,
                false,
                spot.id().toString().equals(opened));
    }

    private static WalkRow walk(Plan plan, Walks.FromSite walk) {
        String minutes = Wording.number(Walks.minutes(walk.way()), 1);
        String way = "%s%s, %s min with the kit"
                .formatted(
                        Wording.metres(walk.way().lengthM()),
                        walk.way().asTheCrowFlies() ? " as the crow flies" : "",
                        minutes);
        return new WalkRow(
                walk.from().name(),
                walk.to().name(),
                Walks.typedMin(plan, walk.from().id(), walk.to().id())
                        .map(typed ->
                                "%s; the Brief says %s min, and that holds".formatted(way, Wording.number(typed, 1)))
                        .orElse(way));
    }

    private static List<Lost> lost(Plan plan, Site site) {
        double east = site.spots().stream()
                        .flatMap(one -> one.outline().stream())
                        .mapToDouble(corner -> corner.acrossM())
                        .max()
                        .orElse(-BESIDE_M)
                + BESIDE_M;
        return plan.spots().stream()
                .filter(spot -> site.of(spot.id()).isEmpty())
                .map(spot -> new Lost(spot.id().toString(), spot.name(), Math.rint(east), 0))
                .toList();
    }
}
