package upshot.app.day;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.order.DayPlan;
import upshot.core.plan.Brief;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/**
 * The day against the cut: shots on the left in shooting order, uses on the right in edit order, and a ribbon from each
 * use to the shot it comes from. Places are pixels of a drawing of its own.
 *
 * @param height of the drawing
 * @param shots in shooting order
 * @param uses in edit order
 * @param paths ribbons, those of the selection last
 */
record Ribbons(int height, List<Stop> shots, List<Stop> uses, List<Ribbon> paths) {

    private static final int ROW = 26;
    private static final int TOP = 14;
    private static final int LEFT = 84;
    private static final int RIGHT = 296;
    /** With more shots than this the drawing shows the ribbons of the selection only. */
    private static final int MOST_DRAWN = 25;

    /**
     * A shot or a use.
     *
     * @param y its middle
     * @param note clock time or seconds
     */
    record Stop(int y, String sizeClass, String code, String note, boolean chosen) {}

    /** A ribbon as SVG path data. */
    record Ribbon(String path, boolean chosen) {}

    static Ribbons of(Verdict verdict, Optional<DayPlan.Slot> chosen) {
        Brief brief = verdict.plan().brief();
        Map<UUID, Integer> places = new HashMap<>();
        List<UUID> selected = chosen.stream()
                .flatMap(slot -> slot.setup().shots().stream())
                .map(Shot::id)
                .toList();
        List<Stop> shots = new ArrayList<>();
        for (DayPlan.Slot slot : verdict.day().slots()) {
            for (Shot shot : slot.setup().shots()) {
                int y = TOP + ROW * shots.size();
                places.put(shot.id(), y);
                String clock = verdict.day().clock(slot.times().gettingReady()).toString();
                shots.add(stop(y, shot, clock, selected.contains(shot.id())));
            }
        }
        List<Stop> uses = new ArrayList<>();
        List<Ribbon> paths = new ArrayList<>();
        for (Placed placed : verdict.cut().uses()) {
            int y = TOP + ROW * placed.index();
            boolean isChosen = selected.contains(placed.shot().id());
            String seconds = Wording.number(brief.rate().secondsOf(placed.use().frames()), 1) + " s";
            uses.add(stop(y, placed.shot(), seconds, isChosen));
            Integer from = places.get(placed.shot().id());
            if (from != null && (isChosen || shots.size() <= MOST_DRAWN)) {
                paths.add(new Ribbon(path(from, y), isChosen));
            }
        }
        paths.sort((one, other) -> Boolean.compare(one.chosen(), other.chosen()));
        int rows = Math.max(1, Math.max(shots.size(), uses.size()));
        return new Ribbons(TOP + ROW * rows, shots, uses, paths);
    }

    private static Stop stop(int y, Shot shot, String note, boolean chosen) {
        return new Stop(y, shot.size().sizeClass().label(), shot.code(), note, chosen);
    }

    private static String path(int fromY, int toY) {
        int middle = (LEFT + RIGHT) / 2;
        return "M%d %d C%d %d %d %d %d %d".formatted(LEFT, fromY, middle, fromY, middle, toY, RIGHT, toY);
    }
}
