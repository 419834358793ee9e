package upshot.app.coverage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.remark.RemarkView;
import upshot.app.web.Selected;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/** One shot on a page of its own: everything that can be set about it and every figure that comes of it. */
@Component
class ShotStage implements Stage {

    private final RemarkView.Shown remarks;
    private final CoverageStage coverage;

    ShotStage(RemarkView.Shown remarks, CoverageStage coverage) {
        this.remarks = remarks;
        this.coverage = coverage;
    }

    @Override
    public int digit() {
        return coverage.digit();
    }

    @Override
    public String slug() {
        return "shot";
    }

    @Override
    public String within() {
        return coverage.slug();
    }

    @Override
    public String title() {
        return "Shot";
    }

    @Override
    public List<String> pieces() {
        return List.of("shot");
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    /** Who looks decides which remarks can be taken back. */
    @Override
    public String beside(SignedIn who) {
        return who.id().toString();
    }

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Optional<Shot> selected = Selected.of(verdict.plan(), RecordKind.SHOT, request.parameters(), "shot");
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("upright", verdict.plan().brief().aspect().ratio() < 1);
        model.put("shot", selected.map(shot -> ShotPanel.of(verdict, shot)).orElse(null));
        model.put("whole", selected.map(shot -> WholeShot.of(verdict, shot)).orElse(null));
        model.put(
                "remarks",
                selected.map(shot -> remarks.about(shot.id(), verdict.plan(), request))
                        .orElse(List.of()));
        return model;
    }
}
