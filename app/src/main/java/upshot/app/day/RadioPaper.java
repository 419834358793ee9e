package upshot.app.day;

import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.paper.PaperKind;
import upshot.app.paper.Sheet;
import upshot.core.verdict.Verdict;

/** The whole day on one page of paper, without pictures. */
@Component
class RadioPaper implements PaperKind {

    @Override
    public String slug() {
        return "radio";
    }

    @Override
    public String called() {
        return "radio";
    }

    @Override
    public Sheet sheet(UUID jobId, Verdict verdict) {
        return CallSheetPaper.sheet(jobId, verdict, true);
    }
}
