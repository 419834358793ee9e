package upshot.app.coverage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** The grid of shots and holes, with the panel of the selected shot or of several. */
@Component
class CoverageStage implements Stage {

    @Override
    public int digit() {
        return 2;
    }

    @Override
    public String slug() {
        return "coverage";
    }

    @Override
    public String title() {
        return "Coverage";
    }

    @Override
    public List<String> pieces() {
        return List.of("fill", "filters", "grid", "panel");
    }

    @Override
    public List<String> livePieces() {
        return List.of("panel");
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Map<String, String> parameters = request.parameters();
        Plan plan = verdict.plan();
        CoverageFilter filter = new CoverageFilter(verdict, parameters);
        Selection selection = Selection.of(plan, parameters);
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("beats", new CoverageGrid(verdict, filter, selection, parameters).beats());
        model.put("filter", filter.row());
        model.put("school", plan.house().coverage().label());
        model.put("features", Coverage.missingFeatures(plan));
        model.put("holds", Coverage.promoHolds(plan));
        model.put("planned", plan.shots().size());
        model.put("musts", Coverage.musts(plan));
        model.put("upright", plan.brief().aspect().ratio() < 1);
        model.put("noActions", plan.actions().isEmpty());
        model.put("holeCount", verdict.holes().size());
        model.put("several", selection.several());
        model.put("chosen", SeveralPanel.of(plan, selection.chosen()).orElse(null));
        model.put(
                "shot",
                selection.selected().map(shot -> ShotPanel.of(verdict, shot)).orElse(null));
        return model;
    }
}
