package upshot.app.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upshot.app.paper.PaperKind;
import upshot.app.paper.PaperKinds;
import upshot.app.paper.Sheet;
import upshot.core.plan.Brief;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PaperSize;
import upshot.exchange.ground.ScoutingSheet;
import upshot.exchange.ground.SunWords;

/** The scouting sheet, on each paper and at each scale. */
@Configuration(proxyBeanMethods = false)
class ScoutingPapers {

    private static final int BAR_MM = 100;
    private static final double MM_PER_M = 1000;

    @Bean
    PaperKinds scoutingSheets() {
        List<PaperKind> kinds = new ArrayList<>();
        for (PaperSize paper : PaperSize.values()) {
            kinds.add(kind(paper, OptionalInt.empty()));
            ScoutingSheet.SCALES.forEach(scale -> kinds.add(kind(paper, OptionalInt.of(scale))));
        }
        return new PaperKinds(kinds);
    }

    /** @param scale 50 for one to fifty, or none for the largest that a sheet holds */
    static String slug(PaperSize paper, OptionalInt scale) {
        String on = "scouting-sheet-" + paper.label().toLowerCase(Locale.ROOT);
        return scale.isEmpty() ? on : on + "-1-to-" + scale.getAsInt();
    }

    private static PaperKind kind(PaperSize paper, OptionalInt scale) {
        return new PaperKind(slug(paper, scale), (jobId, verdict) -> sheet(verdict, paper, scale));
    }

    private static Sheet sheet(Verdict verdict, PaperSize paper, OptionalInt scale) {
        Brief brief = verdict.plan().brief();
        return new Sheet(
                "ground/scouting-sheet",
                "css/ground/scouting-sheet.css",
                Map.of(
                        "name",
                        brief.name(),
                        "paper",
                        paper.label(),
                        "sheet",
                        ScoutingSheet.of(verdict, paper, scale),
                        "bars",
                        bars(),
                        "sun",
                        brief.shootDate()
                                .map(date -> SunWords.risesAndSets(brief, date))
                                .orElse("")));
    }

    /** What the bar measures on the floor, by the scale. */
    private static Map<Integer, String> bars() {
        Map<Integer, String> bars = new TreeMap<>();
        ScoutingSheet.SCALES.forEach(scale -> bars.put(scale, "%.0f m".formatted(BAR_MM * scale / MM_PER_M)));
        return bars;
    }
}
