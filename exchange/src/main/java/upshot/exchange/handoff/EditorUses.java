package upshot.exchange.handoff;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Wording;
import upshot.core.frame.DrawnFrame;
import upshot.core.handoff.RemarkKind;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.TimeCode;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.UseCrop;
import upshot.core.time.Playback;
import upshot.core.verdict.Acceptances;
import upshot.exchange.svg.FrameSvg;

/** The uses of a cut on the editor's page: frame, clip, what of the picture is shown, notes, findings, a place for a remark. */
final class EditorUses {

    private static final String CLEAN_PLATE =
            "A clean plate belongs to it: the same frame with nothing in it, behind the takes or in a clip of its own.";

    private final Handed handed;
    private final Plan plan;

    EditorUses(Handed handed) {
        this.handed = handed;
        this.plan = handed.judged().verdict().plan();
    }

    /** All of them, as items of a list. */
    String list() {
        StringBuilder uses = new StringBuilder();
        for (int i = 0; i < handed.uses().size(); i++) {
            uses.append(use(i, handed.uses().get(i)));
        }
        return uses.toString();
    }

    private String use(int place, UseAsShot use) {
        Shot shot = use.shown();
        Action action = plan.actionOf(shot);
        String title = "%d. %s, %s, %s"
                .formatted(place + 1, shot.code(), action.name(), shot.size().label());
        String drawn = FrameSvg.render(DrawnFrame.of(plan, shot), title);
        StringBuilder lines = new StringBuilder();
        line(
                lines,
                "%s, %s frames"
                        .formatted(
                                TimeCode.of(use.placed().startFrame(), handed.rate(), false),
                                use.placed().use().frames()));
        line(lines, use.source().map(EditorUses::source).orElse("Nothing was kept for it."));
        line(lines, alternates(use));
        line(lines, cutOut(use.placed().use().crop()));
        line(lines, shot.cleanPlate() ? CLEAN_PLATE : "");
        line(lines, shot.note());
        handed.findings(place).forEach(finding -> line(lines, said(finding)));
        return """
                <li><div class="frame">%s</div><div><h3>%s</h3>%s
                <form data-use="%s"><label>What is the matter <select name="kind"><option value="">nothing</option>%s</select></label> <label>Remark <input name="remark" maxlength="500"></label></form></div></li>
                """.formatted(
                drawn, EditorPage.escape(title), lines, use.placed().use().id(), kinds());
    }

    private static void line(StringBuilder lines, String text) {
        if (!text.isEmpty()) {
            lines.append("<p>").append(EditorPage.escape(text)).append("</p>");
        }
    }

    private static String source(Source source) {
        return "%s on %s, from picture %d, %s, %s; %d and %d pictures of room."
                .formatted(
                        source.clip().name(),
                        source.clip().card(),
                        source.inFrame(),
                        Wording.count(source.frames(), "picture"),
                        new Playback(source.speed()).label(),
                        source.handleBefore(),
                        source.handleBehind());
    }

    private String alternates(UseAsShot use) {
        List<Kept> others = handed.alternates(use);
        return others.isEmpty()
                ? ""
                : "Also kept: %s."
                        .formatted(String.join(
                                ", ",
                                others.stream().map(kept -> kept.clip().name()).toList()));
    }

    private String said(Finding finding) {
        Optional<Accepted> accepted =
                finding.subject().size() > 1 ? Acceptances.of(plan).ofJoint(finding) : Optional.empty();
        return "%s: %s %s%s"
                .formatted(
                        Wording.capital(finding.status().label()),
                        finding.title(),
                        finding.sentence(),
                        accepted.map(one -> " Let stand: " + one.reason()).orElse(""));
    }

    private static String kinds() {
        StringBuilder kinds = new StringBuilder();
        for (RemarkKind kind : RemarkKind.values()) {
            kinds.append("<option value=\"%s\">%s</option>".formatted(kind.name(), kind.label()));
        }
        return kinds.toString();
    }

    /** What of the picture is shown, where that is not all of it as it was taken. */
    private static String cutOut(UseCrop crop) {
        List<String> said = new ArrayList<>();
        if (crop.cropZoom() > 1) {
            said.add("cut out of the picture %s×, %s %s and %s %s from its middle"
                    .formatted(
                            Wording.number(crop.cropZoom(), 2),
                            Wording.number(Math.abs(crop.cropAcross()), 2),
                            crop.cropAcross() < 0 ? "left" : "right",
                            Wording.number(Math.abs(crop.cropDown()), 2),
                            crop.cropDown() < 0 ? "up" : "down"));
        }
        if (crop.flipped()) {
            said.add("left and right exchanged, so that writing reads backwards");
        }
        return said.isEmpty() ? "" : Wording.capital(String.join("; ", said)) + ".";
    }
}
