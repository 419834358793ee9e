package upshot.app.coverage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.app.web.FrameView;
import upshot.app.web.Selected;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/**
 * What the address selects: one shot, or several that are being chosen.
 *
 * @param several whether pressing a frame chooses it beside the others
 * @param chosen in story order
 */
record Selection(boolean several, List<Shot> chosen, Optional<Shot> selected) {

    /**
     * A frame of the grid. Hundreds of them make a page, so that all of it is put together here and the template asks
     * for as little as can be.
     *
     * @param current {@code true} for the selected one, else null
     * @param pressed whether it is chosen, null where none are being chosen
     * @param role null for a link
     * @param inside drawing, code and status
     */
    record Thumb(String id, String href, String current, String pressed, String role, String inside) {}

    static Selection of(Plan plan, Map<String, String> parameters) {
        return parameters.getOrDefault("several", "").equals("on")
                ? new Selection(true, Several.chosen(plan, parameters.getOrDefault("chosen", "")), Optional.empty())
                : new Selection(false, List.of(), Selected.of(plan, Kind.SHOT, parameters, "shot"));
    }

    Thumb thumb(Verdict verdict, Shot shot) {
        FrameView frame = FrameView.of(verdict, shot);
        return new Thumb(
                "thumb-" + frame.id(),
                several ? "?chosen=" + toggled(shot) : "?shot=" + frame.id(),
                selected.filter(shot::equals).isPresent() ? "true" : null,
                several ? Boolean.toString(chosen.contains(shot)) : null,
                several ? "button" : null,
                frame.svg() + "<span class=\"thumb-code\">" + frame.code() + "</span>" + status(frame.status()));
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
