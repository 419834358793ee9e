package upshot.exchange.csv;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.order.DayPlan;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Line;
import upshot.core.plan.Shot;
import upshot.core.plan.UseCrop;
import upshot.core.shot.ShotNumbers;
import upshot.core.verdict.Verdict;

/** The shot list, by the cut or by the day. RFC 4180, UTF-8, units in the column names. */
public final class ShotListCsv {

    private static final List<String> SHOT_COLUMNS = List.of(
            "code",
            "size",
            "action",
            "height",
            "side",
            "move",
            "lens mm",
            "rate fps",
            "shutter",
            "hold s",
            "takes",
            "need",
            "aimed at",
            "taken",
            "clean plate");

    private ShotListCsv() {}

    /** One row a use, in edit order, with its length on screen. */
    public static String inCutOrder(Verdict verdict) {
        List<String> header =
                columns(List.of("place", "starts at frame"), List.of("screen s", "plays", "crop", "note"));
        Brief brief = verdict.plan().brief();
        List<List<String>> rows = new ArrayList<>();
        for (Placed placed : verdict.cut().uses()) {
            List<String> row = new ArrayList<>();
            row.add(Integer.toString(placed.index() + 1));
            row.add(Long.toString(placed.startFrame()));
            row.addAll(shot(verdict, placed.shot()));
            row.add(Wording.number(brief.rate().secondsOf(placed.use().frames()), 3));
            row.add(placed.picture().playback().label());
            row.add(crop(placed.use().crop()));
            row.add(placed.shot().note());
            rows.add(row);
        }
        return CsvText.of(header, rows);
    }

    /** One row a shot, as the day takes them, with the clock time of its setup; what does not fit comes last. */
    public static String inShootingOrder(Verdict verdict) {
        List<String> header = columns(List.of("setup", "starts", "spot"), List.of("screen s", "note"));
        List<List<String>> rows = new ArrayList<>();
        for (DayPlan.Slot slot : verdict.day().slots()) {
            String clock = verdict.day().clock(slot.times().gettingReady()).toString();
            slot.setup()
                    .shots()
                    .forEach(shot -> rows.add(dayRow(verdict, Integer.toString(slot.number()), clock, shot)));
        }
        verdict.day()
                .dropped()
                .forEach(left ->
                        left.setup().shots().forEach(shot -> rows.add(dayRow(verdict, "", "does not fit", shot))));
        return CsvText.of(header, rows);
    }

    private static List<String> dayRow(Verdict verdict, String number, String clock, Shot shot) {
        List<String> row = new ArrayList<>(List.of(
                number,
                clock,
                verdict.plan().spotOf(verdict.plan().actionOf(shot)).name()));
        row.addAll(shot(verdict, shot));
        row.add(Wording.number(verdict.numbers().get(shot.id()).screenS(), 3));
        row.add(shot.note());
        return row;
    }

    private static List<String> shot(Verdict verdict, Shot shot) {
        Action action = verdict.plan().actionOf(shot);
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        return List.of(
                shot.code(),
                shot.size().label(),
                action.name(),
                numbers.stand().height(shot).label(),
                action.line() == Line.NONE
                        ? "bearing " + Wording.degrees(shot.bearingDeg())
                        : Stand.travel(verdict.plan(), shot, false).label(),
                shot.move().label(),
                Wording.number(shot.focalLengthMm(), 1),
                shot.captureRate().label(),
                numbers.shutter().toString(),
                Wording.number(numbers.hold().cleanS(), 1),
                Integer.toString(shot.takes()),
                shot.priority().label(),
                numbers.stand().aim().part().name().toLowerCase(Locale.ROOT),
                action.taken().label(),
                shot.cleanPlate() ? "yes" : "");
    }

    /** "1.2× at 0.1 across, 0 down, flipped"; empty for the whole picture as it was shot. */
    private static String crop(UseCrop crop) {
        String cut = crop.cropZoom() > 1
                ? "%s× at %s across, %s down"
                        .formatted(
                                Wording.number(crop.cropZoom(), 2),
                                Wording.number(crop.cropAcross(), 2),
                                Wording.number(crop.cropDown(), 2))
                : "";
        return Stream.of(cut, crop.flipped() ? "flipped" : "")
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static List<String> columns(List<String> before, List<String> after) {
        List<String> columns = new ArrayList<>(before);
        columns.addAll(SHOT_COLUMNS);
        columns.addAll(after);
        return columns;
    }
}
