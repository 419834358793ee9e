package upshot.app.day;

import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.app.web.FrameView;

/** The day on paper: the call sheet, and all of it on one page without pictures for who reads it into a radio. */
@Configuration(proxyBeanMethods = false)
class DayPapers {

    @Bean
    PaperKind callSheetOnPaper() {
        return sheet("call-sheet", false);
    }

    @Bean
    PaperKind radioOnPaper() {
        return sheet("radio", true);
    }

    private static PaperKind sheet(String slug, boolean radio) {
        return new PaperKind(
                slug,
                (jobId, verdict) -> new Sheet(
                        CallSheetController.TEMPLATE,
                        "css/day/call-sheet.css",
                        Map.of(
                                "sheet",
                                CallSheet.of(verdict, FrameView::onPaper),
                                "jobId",
                                jobId,
                                "paper",
                                true,
                                "radio",
                                radio)));
    }
}
