package upshot.exchange.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Glass;
import upshot.core.ground.SiteChecks;
import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.shot.OnTheGround;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PlanShapes.Box;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.StandShape;

/**
 * What one takes along to look at places: their plans to scale with numbered stands, what each stand is for, and what to
 * check there.
 *
 * @param places that are drawn
 */
public record ScoutingSheet(List<Place> places) {

    /** The scales that are on a ruler: 50 for one to fifty. */
    public static final List<Integer> SCALES = Tiles.SCALES;

    /** How high letters are on paper. */
    private static final double LETTERS_MM = 2.6;

    private static final double MM_PER_CM = 10;
    private static final int MOST_SHEETS = 80;

    /** A plan that takes no more of the paper leaves room for lines beside it. */
    private static final double NARROW = 0.62;

    /**
     * A spot.
     *
     * @param scale 50 for one to fifty
     * @param sheets its plan, in parts where one sheet does not hold it
     * @param stands by their numbers
     * @param checks what is still to be looked at, measured or asked
     * @param beside whether there is room for that beside the plan
     */
    public record Place(
            String name,
            String facts,
            int scale,
            List<Sheet> sheets,
            List<StandRow> stands,
            List<String> checks,
            boolean beside) {}

    /**
     * A sheet of a plan.
     *
     * @param name its row and column, empty where there is only one
     * @param svg as large as it has to be on paper
     */
    public record Sheet(String name, String svg) {}

    /** A shot, by the number of its stand. */
    public record StandRow(
            int number, String code, String action, String where, String glass, String light, String against) {}

    /**
     * @param scale 20, 50, 100, 200 or 500, or none for the largest that one sheet holds; once very many sheets are taken
     *     up, the places that follow take the one that fits
     */
    public static ScoutingSheet of(Verdict verdict, PaperSize paper, OptionalInt scale) {
        Plan plan = verdict.plan();
        List<Place> places = new ArrayList<>();
        int sheets = 0;
        for (Spot spot : plan.spots()) {
            if (FloorPlan.of(plan, spot).drawn()) {
                OptionalInt at = sheets > MOST_SHEETS ? OptionalInt.empty() : scale;
                Place place = place(verdict, spot, paper, at, places.size());
                places.add(place);
                sheets += place.sheets().size();
            }
        }
        return new ScoutingSheet(List.copyOf(places));
    }

    private static Place place(Verdict verdict, Spot spot, PaperSize paper, OptionalInt scale, int number) {
        FloorPlan floor = FloorPlan.of(verdict.plan(), spot);
        PlanDrawing plotted = new PlanDrawing(verdict, spot);
        Tiles tiles = Tiles.of(plotted.reach().box(), paper, scale);
        Drawing drawing = plotted.drawing(Look.PLAIN, LETTERS_MM * tiles.scale() / MM_PER_CM);
        List<Sheet> sheets = new ArrayList<>();
        for (Tiles.Part part : tiles.parts()) {
            String clip = "floor-%d-%d".formatted(number, sheets.size());
            sheets.add(new Sheet(part.name(), PlanSvg.paper(drawing, tiles.scale(), part.box(), clip)));
        }
        return new Place(
                spot.name(),
                "%s, %s × %s m"
                        .formatted(
                                spot.outdoors() ? "outdoors" : "indoors",
                                Wording.number(floor.wideM(), 1),
                                Wording.number(floor.deepM(), 1)),
                tiles.scale(),
                sheets,
                drawing.stands().stream().map(one -> row(verdict, one)).toList(),
                SiteChecks.of(verdict.plan(), spot),
                tiles.parts().size() == 1
                        && plotted.reach().box().wide() * MM_PER_CM / tiles.scale() < NARROW * paper.wideMm());
    }

    private static StandRow row(Verdict verdict, StandShape stand) {
        Plan plan = verdict.plan();
        Shot shot = plan.get(RecordKind.SHOT, UUID.fromString(stand.id()));
        return new StandRow(
                stand.number(),
                shot.code(),
                plan.actionOf(shot).name(),
                "%s, %s away, lens at %s"
                        .formatted(
                                Wording.place(shot.bearingDeg()),
                                Wording.metres(Stand.of(plan, shot).groundDistanceM()),
                                Wording.metres(shot.cameraHeightM())),
                "%s, %s"
                        .formatted(
                                shot.size().label(),
                                Glass.of(plan, shot)
                                        .map(lens -> lens.name())
                                        .orElse(Wording.number(shot.focalLengthMm(), 0) + " mm")),
                SunOnView.of(plan, shot).map(sun -> light(sun)).orElse(""),
                OnTheGround.of(plan, shot, verdict.findingsOf(shot)).stream()
                        .filter(one -> one.status() == Status.BREAK || one.status() == Status.WATCH)
                        .findFirst()
                        .map(one -> one.title() + " " + one.sentence())
                        .orElse(""));
    }

    private static String light(SunOnView sun) {
        return "%s about %s"
                .formatted(
                        sun.from().label(),
                        sun.hour().clock(sun.hour().at()).withSecond(0).withNano(0));
    }

    /**
     * The plan of one spot as a drawing of its own, to scale.
     *
     * @param scale as above
     */
    public static String svg(Verdict verdict, Spot spot, PaperSize paper, OptionalInt scale) {
        PlanDrawing plotted = new PlanDrawing(verdict, spot);
        Box whole = plotted.reach().box();
        int chosen = scale.orElseGet(() -> Tiles.of(whole, paper, scale).scale());
        return PlanSvg.paper(plotted.drawing(Look.PLAIN, LETTERS_MM * chosen / MM_PER_CM), chosen, whole, "floor");
    }
}
