package upshot.app.cut;

import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.verdict.Verdict;

/** The frames of the cut on sheets of paper. */
@Configuration(proxyBeanMethods = false)
class FramesPaper {

    /**
     * A frame on the sheet.
     *
     * @param place 1 for the first
     */
    record SheetFrame(int place, FrameView frame, String seconds) {}

    @Bean
    PaperKind framesOnPaper() {
        return new PaperKind("frames", (jobId, verdict) -> sheet(verdict));
    }

    private static Sheet sheet(Verdict verdict) {
        Brief brief = verdict.plan().brief();
        List<SheetFrame> frames = verdict.cut().uses().stream()
                .map(placed -> new SheetFrame(
                        placed.index() + 1,
                        FrameView.onPaper(verdict, placed.shot()),
                        seconds(brief, placed.use().frames())))
                .toList();
        return new Sheet(
                "cut/sheet",
                "css/cut/sheet.css",
                Map.of(
                        "name",
                        brief.name(),
                        "upright",
                        brief.aspect().ratio() < 1,
                        "seconds",
                        seconds(brief, verdict.cut().frames()),
                        "frames",
                        frames));
    }

    private static String seconds(Brief brief, long frames) {
        return Wording.number(brief.rate().secondsOf(frames), 2);
    }
}
