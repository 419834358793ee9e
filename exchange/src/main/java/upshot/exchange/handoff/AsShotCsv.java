package upshot.exchange.handoff;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import upshot.core.finding.Finding;
import upshot.core.finding.Wording;
import upshot.core.handoff.Clip;
import upshot.core.handoff.TimeCode;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.time.Playback;
import upshot.exchange.csv.CsvText;

/** The cut as shot and the clips, as tables. RFC 4180, UTF-8, units in the column names. */
public final class AsShotCsv {

    private AsShotCsv() {}

    /** One row a use. */
    public static String uses(Handed handed) {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < handed.uses().size(); i++) {
            UseAsShot use = handed.uses().get(i);
            List<String> row = new ArrayList<>(List.of(
                    Integer.toString(i + 1),
                    TimeCode.of(use.placed().startFrame(), handed.rate(), false),
                    Integer.toString(use.placed().use().frames()),
                    use.shown().code(),
                    handed.judged().verdict().plan().actionOf(use.shown()).name()));
            row.addAll(use.source().map(AsShotCsv::source).orElse(List.of("", "", "", "", "missing", "", "")));
            row.add(handed.findings(i).stream().map(Finding::sentence).collect(Collectors.joining(" ")));
            row.add(use.shown().note());
            rows.add(row);
        }
        return CsvText.of(
                List.of(
                        "use",
                        "starts",
                        "frames",
                        "shot",
                        "action",
                        "card",
                        "clip",
                        "from picture",
                        "pictures",
                        "plays",
                        "handle before pictures",
                        "handle behind pictures",
                        "to know",
                        "note"),
                rows);
    }

    private static List<String> source(Source source) {
        return List.of(
                source.clip().card(),
                source.clip().files().get(0),
                Integer.toString(source.inFrame()),
                Integer.toString(source.frames()),
                new Playback(source.speed()).label(),
                Integer.toString(source.handleBefore()),
                Integer.toString(source.handleBehind()));
    }

    /** One row a clip, those of no take too. */
    public static String clips(Handed handed) {
        List<List<String>> rows =
                handed.said().clips().stream().map(clip -> clip(handed, clip)).toList();
        return CsvText.of(
                List.of(
                        "card",
                        "clip",
                        "files",
                        "seconds",
                        "frames",
                        "rate fps",
                        "variable rate",
                        "width px",
                        "height px",
                        "start timecode",
                        "shot and take"),
                rows);
    }

    private static List<String> clip(Handed handed, Clip clip) {
        return List.of(
                clip.card(),
                clip.name(),
                String.join(" ", clip.files()),
                Wording.number(clip.lastsS(), 3),
                Integer.toString(clip.frames()),
                clip.rate().label(),
                clip.variable() ? "yes" : "no",
                Integer.toString(clip.width()),
                Integer.toString(clip.height()),
                clip.startFrame()
                        .map(frame -> TimeCode.of(frame, clip.rate(), clip.dropFrame()))
                        .orElse(""),
                handed.names().getOrDefault(clip.id(), ""));
    }
}
