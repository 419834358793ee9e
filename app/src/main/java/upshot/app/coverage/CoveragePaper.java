package upshot.app.coverage;

import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.app.web.FrameView;
import upshot.core.verdict.Verdict;

/** The coverage report on paper. */
@Component
class CoveragePaper implements PaperKind {

    @Override
    public String slug() {
        return "coverage";
    }

    @Override
    public String called() {
        return "coverage";
    }

    @Override
    public Sheet sheet(UUID jobId, Verdict verdict) {
        return new Sheet(
                ReportController.TEMPLATE,
                "css/coverage/report.css",
                Map.of("report", CoverageReport.of(verdict, FrameView::onPaper), "jobId", jobId, "paper", true));
    }
}
