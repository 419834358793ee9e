package upshot.app.day;

import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.app.web.FrameView;
import upshot.core.verdict.Verdict;

/** The call sheet on paper. */
@Component
class CallSheetPaper implements PaperKind {

    @Override
    public String slug() {
        return "call-sheet";
    }

    @Override
    public String called() {
        return "call sheet";
    }

    @Override
    public Sheet sheet(UUID jobId, Verdict verdict) {
        return sheet(jobId, verdict, false);
    }

    static Sheet sheet(UUID jobId, Verdict verdict, boolean radio) {
        CallSheet sheet = CallSheet.of(verdict, FrameView::onPaper);
        return new Sheet(
                CallSheetController.TEMPLATE,
                "css/day/call-sheet.css",
                Map.of("sheet", sheet, "jobId", jobId, "paper", true, "radio", radio));
    }
}
