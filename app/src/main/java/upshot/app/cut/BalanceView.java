package upshot.app.cut;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import upshot.app.web.FieldView;
import upshot.app.web.FindingView;
import upshot.core.balance.Balance;
import upshot.core.balance.Chart;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Plan;
import upshot.core.time.TempoMap;
import upshot.core.verdict.Verdict;

/**
 * What the cut is made of, as small drawings.
 *
 * @param pace one column for each use
 * @param charts bars of parts
 * @param schools the house's choices that judge them
 * @param beats how long each beat of the story is to be
 */
record BalanceView(List<Column> pace, List<ChartView> charts, List<FieldView> schools, List<FieldView> beats) {

    private static final double TALLEST = 100;

    /**
     * A use in the drawing of the pace.
     *
     * @param at where it begins, percent of the cut
     * @param height how many such uses a bar would hold, percent of the quickest
     * @param slow whether it is slow motion
     */
    record Column(String useId, double at, double width, double height, boolean slow, String spoken) {}

    /** One chart; its findings are those of the whole cut that it shows. */
    record ChartView(String id, String title, String wanted, List<PartView> parts, List<FindingView> findings) {}

    /**
     * A part of a chart.
     *
     * @param width percent of the cut
     * @param target percent of the cut, negative for none
     * @param marked whether its uses are marked in the score now
     * @param key what the address says to mark them
     */
    record PartView(String label, String seconds, double width, double target, boolean marked, String key, int uses) {}

    /**
     * @param mark which part's uses are marked, as {@link PartView#key} says it
     */
    static BalanceView of(Verdict verdict, String mark) {
        Plan plan = verdict.plan();
        double total = Math.max(
                plan.brief().lengthS(),
                plan.brief().rate().secondsOf(verdict.cut().frames()));
        HouseRules house = plan.house();
        return new BalanceView(
                pace(verdict.cut()),
                Balance.of(verdict).stream()
                        .map(chart -> view(chart, total, mark))
                        .toList(),
                List.of(
                        FieldView.choice(house, "speed", "Slow motion"),
                        FieldView.choice(house, "movement", "Movement"),
                        FieldView.choice(house, "eye", "The eye"),
                        FieldView.check(house, "mirrorEnding", "The ending mirrors the opening")),
                plan.beats().stream()
                        .map(beat -> FieldView.number(beat, "targetS", beat.name(), "s"))
                        .toList());
    }

    /** The uses whose part is marked. */
    static Set<UUID> marked(Verdict verdict, String mark) {
        return mark.isEmpty()
                ? Set.of()
                : Balance.of(verdict).stream()
                        .flatMap(chart -> IntStream.range(0, chart.parts().size())
                                .filter(part -> key(chart, part).equals(mark))
                                .mapToObj(chart.parts()::get))
                        .flatMap(part -> part.uses().stream())
                        .collect(Collectors.toSet());
    }

    private static String key(Chart chart, int part) {
        return chart.id() + "-" + part;
    }

    private static ChartView view(Chart chart, double totalS, String mark) {
        List<PartView> parts = IntStream.range(0, chart.parts().size())
                .mapToObj(index -> {
                    Chart.Part part = chart.parts().get(index);
                    String key = key(chart, index);
                    String wanted = part.wantedS()
                            .map(target -> " of " + Wording.number(target, 1))
                            .orElse("");
                    return new PartView(
                            part.label(),
                            Wording.number(part.seconds(), 1) + wanted + " s",
                            percent(part.seconds(), totalS),
                            part.wantedS()
                                    .map(target -> percent(target, totalS))
                                    .orElse(-1.0),
                            key.equals(mark),
                            key.equals(mark) ? "" : key,
                            part.uses().size());
                })
                .toList();
        return new ChartView(
                chart.id(),
                chart.title(),
                chart.wanted(),
                parts,
                chart.findings().stream().map(FindingView::of).toList());
    }

    private static double percent(double seconds, double totalS) {
        return Math.round(Math.min(1, seconds / totalS) * 10_000) / 100.0;
    }

    private static List<Column> pace(PaperCut cut) {
        int shortest = cut.uses().stream()
                .mapToInt(placed -> placed.use().frames())
                .min()
                .orElse(1);
        double barS = TempoMap.of(cut.plan())
                .map(music -> music.barStartS(music.barsUntil(1e-9), 1, 0) - music.firstBeatS())
                .orElse(2.0);
        return cut.uses().stream()
                .map(placed -> column(cut, placed, shortest, barS))
                .toList();
    }

    private static Column column(PaperCut cut, Placed placed, int shortest, double barS) {
        double seconds = cut.plan().brief().rate().secondsOf(placed.use().frames());
        boolean slow = placed.picture().playback().slow();
        return new Column(
                placed.use().id().toString(),
                percent(placed.startFrame(), cut.frames()),
                percent(placed.use().frames(), cut.frames()),
                Math.round(TALLEST * shortest / placed.use().frames()),
                slow,
                "Use %d, %s: %s s, %s a bar%s"
                        .formatted(
                                placed.index() + 1,
                                placed.shot().code(),
                                Wording.number(seconds, 2),
                                Wording.number(barS / seconds, 1),
                                slow ? ", slow" : ""));
    }
}
