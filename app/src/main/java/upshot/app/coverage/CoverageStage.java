package upshot.app.coverage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.web.Selected;
import upshot.core.coverage.Wishes;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
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
    public boolean hasScript() {
        return true;
    }

    @Override
    public Map<String, Object> model(Verdict verdict, Map<String, String> parameters, SignedIn who) {
        Plan plan = verdict.plan();
        CoverageFilter filter = new CoverageFilter(verdict, parameters);
        List<CoverageGrid.BeatView> beats = new CoverageGrid(verdict, filter, parameters).beats();
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("beats", beats);
        model.put("filter", filter.row());
        model.put("school", plan.house().coverage().label());
        model.put(
                "cutaways",
                Wishes.cutaways(plan).stream().map(Wishes.Wish::sentence).collect(Collectors.joining(", ")));
        model.put("upright", plan.brief().aspect().ratio() < 1);
        model.put("noActions", plan.actions().isEmpty());
        model.put("holeCount", verdict.holes().size());
        selection(model, verdict, parameters);
        return model;
    }

    private static void selection(Map<String, Object> model, Verdict verdict, Map<String, String> parameters) {
        boolean several = parameters.getOrDefault("several", "").equals("on");
        List<Shot> chosen = several ? Several.chosen(verdict.plan(), parameters.getOrDefault("chosen", "")) : List.of();
        Optional<Shot> selected =
                several ? Optional.empty() : Selected.of(verdict.plan(), Kind.SHOT, parameters, "shot");
        model.put("several", several);
        model.put(
                "marked",
                Stream.concat(chosen.stream(), selected.stream())
                        .map(shot -> shot.id().toString())
                        .collect(Collectors.toSet()));
        model.put("toggles", toggles(verdict.plan(), chosen, several));
        model.put("chosen", SeveralPanel.of(verdict.plan(), chosen).orElse(null));
        model.put("shot", selected.map(shot -> ShotPanel.of(verdict, shot)).orElse(null));
    }

    /** For each shot, which are chosen after it is put to them or taken from them. */
    private static Map<String, String> toggles(Plan plan, List<Shot> chosen, boolean several) {
        List<Shot> shots = several ? plan.shots() : List.of();
        return shots.stream()
                .collect(Collectors.toMap(
                        shot -> shot.id().toString(),
                        shot -> Stream.concat(
                                        chosen.stream().filter(one -> !one.equals(shot)),
                                        chosen.contains(shot) ? Stream.empty() : Stream.of(shot))
                                .map(Shot::code)
                                .collect(Collectors.joining(","))));
    }
}
