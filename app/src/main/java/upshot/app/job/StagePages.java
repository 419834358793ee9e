package upshot.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.web.Pieces;
import upshot.core.verdict.Verdict;

/** Puts a stage's own model and what all stages share together, as a page or as pieces of it. */
@Component
class StagePages {

    private static final String LAYOUT = "web/layout";
    private static final List<String> SHARED = List.of("job-line", "gauges", "history");

    private final List<Stage> stages;
    private final Pieces pieces;

    StagePages(List<Stage> stages, Pieces pieces) {
        this.stages =
                stages.stream().sorted(Comparator.comparingInt(Stage::digit)).toList();
        this.pieces = pieces;
    }

    /**
     * A piece of a page.
     *
     * @param id of the element that it replaces
     */
    record Piece(String id, String html) {}

    /**
     * What is shown, and what whoever looks can undo.
     *
     * @param beside how far what is kept beside the plan has come
     */
    record Shown(StageRequest request, History history, String beside) {}

    Stage stage(String slug) {
        return stages.stream()
                .filter(stage -> stage.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** Everything the page of a stage needs. */
    Map<String, Object> model(Shown shown, Stage stage, Verdict verdict) {
        History history = shown.history();
        Map<String, Object> model = new LinkedHashMap<>(stage.model(verdict, shown.request()));
        model.put("jobId", shown.request().jobId());
        model.put("version", shown.request().version());
        model.put("beside", shown.beside());
        model.put("stage", stage);
        model.put("stages", stages.stream().filter(Stage::onLane).toList());
        model.put("job", JobLine.of(verdict.plan().brief()));
        model.put("gaugeList", GaugeView.of(verdict));
        model.put("undoLabel", history.undo().map(step -> step.label()).orElse(null));
        model.put(
                "redoLabel",
                history.redo()
                        .map(step -> step.label().replaceFirst("^Undo: ", ""))
                        .orElse(null));
        return model;
    }

    List<Piece> pieces(Stage stage, Map<String, Object> model) {
        return pieces(stage, stage.pieces(), model);
    }

    List<Piece> livePieces(Stage stage, Map<String, Object> model) {
        return pieces(stage, stage.livePieces(), model);
    }

    private List<Piece> pieces(Stage stage, List<String> wanted, Map<String, Object> model) {
        List<Piece> rendered = new ArrayList<>();
        for (String shared : SHARED) {
            rendered.add(new Piece(shared, pieces.render(LAYOUT, shared, model)));
        }
        for (String own : wanted) {
            rendered.add(new Piece(own, pieces.render(stage.template(), own, model)));
        }
        return rendered;
    }
}
