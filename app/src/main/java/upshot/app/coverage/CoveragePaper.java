package upshot.app.coverage;

import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.app.web.FrameView;

/** The coverage report on paper. */
@Configuration(proxyBeanMethods = false)
class CoveragePaper {

    @Bean
    PaperKind coverageOnPaper() {
        return new PaperKind(
                "coverage",
                (jobId, verdict) -> new Sheet(
                        ReportController.TEMPLATE,
                        "css/coverage/report.css",
                        Map.of(
                                "report",
                                CoverageReport.of(verdict, FrameView::onPaper),
                                "jobId",
                                jobId,
                                "paper",
                                true)));
    }
}
