package upshot.app.coverage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.app.web.FrameView;
import upshot.app.web.Selected;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/**
 * What the address selects: one shot, or several that are being chosen.
 *
 * @param several whether pressing a frame chooses it beside the others
 * @param chosen in story order
 */
record Selection(boolean several, List<Shot> chosen, Optional<Shot> selected) {

    /** In a job of more shots than this most drawings come after the page. */
    private static final int FEW = 60;

    /** As many as a first window shows. */
    private static final int DRAWN_AT_ONCE = 24;

    static Selection of(Plan plan, Map<String, String> parameters) {
        return parameters.getOrDefault("several", "").equals("on")
                ? new Selection(true, Several.chosen(plan, parameters.getOrDefault("chosen", "")), Optional.empty())
                : new Selection(false, List.of(), Selected.of(plan, RecordKind.SHOT, parameters, "shot"));
    }

    /**
     * A frame of the grid: a link with drawing, code and status. Hundreds of them make a page, so that they are put together
     * here and not by the template.
     */
    String thumb(Verdict verdict, Shot shot) {
        Plan plan = verdict.plan();
        boolean late = plan.shots().size() > FEW
                && plan.shots().stream()
                        .limit(DRAWN_AT_ONCE)
                        .noneMatch(one -> one.id().equals(shot.id()));
        FrameView frame = late ? FrameView.late(verdict, shot) : FrameView.of(verdict, shot);
        StringBuilder html = new StringBuilder(256 + frame.svg().length())
                .append("<a class=\"thumb\" data-select data-walk id=\"thumb-")
                .append(frame.id())
                .append("\" href=\"?")
                .append(several ? "chosen=" + toggled(shot) : "shot=" + frame.id())
                .append('"');
        if (selected.filter(one -> one.id().equals(shot.id())).isPresent()) {
            html.append(" aria-current=\"true\"");
        }
        if (several) {
            html.append(" role=\"button\" aria-pressed=\"")
                    .append(chosen.contains(shot))
                    .append('"');
        }
        return html.append('>')
                .append(frame.svg())
                .append("<span class=\"thumb-code\">")
                .append(frame.code())
                .append("</span>")
                .append(status(frame.status()))
                .append("</a>")
                .toString();
    }

    /** The codes that are chosen after this one is put to them or taken from them. */
    private String toggled(Shot shot) {
        Stream<Shot> others = chosen.stream().filter(one -> !one.equals(shot));
        return Stream.concat(others, chosen.contains(shot) ? Stream.empty() : Stream.of(shot))
                .map(Shot::code)
                .collect(Collectors.joining(","));
    }

    /** The same picture that the parts draw, by its name in the page. */
    private static String status(String status) {
        return status.equals("clear")
                ? ""
                : "<span class=\"thumb-status\"><svg class=\"status\" width=\"20\" height=\"20\" aria-hidden=\"true\">"
                        + "<use href=\"#status-" + status + "\"/></svg><span class=\"sr\">" + status + "</span></span>";
    }
}
