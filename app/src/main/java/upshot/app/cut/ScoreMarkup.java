package upshot.app.cut;

import java.util.List;
import java.util.Optional;
import upshot.app.cut.Score.JointMark;
import upshot.app.cut.Score.ScoreLine;
import upshot.app.cut.Score.Tile;
import upshot.app.web.FrameView;
import upshot.exchange.svg.FrameSvg;

/**
 * Writes what a score has hundreds of: uses, joints and the columns of the pace. By hand: with a score of 200 uses the template engine took two thirds
 * of the time in which a drop is to be answered.
 */
final class ScoreMarkup {

    private static final String PIN = "<svg class=\"pin\" viewBox=\"0 0 12 14\" width=\"11\" height=\"13\""
            + " aria-hidden=\"true\"><circle cx=\"6\" cy=\"4\" r=\"3.4\" fill=\"currentColor\"/>"
            + "<path d=\"M6 7 V13\" stroke=\"currentColor\" stroke-width=\"1.8\"/></svg>";
    private static final String EDGE = "<span class=\"edge\" data-edge title=\"Drag to lengthen or shorten\"></span>";
    private static final String SIZE_SHAPE =
            "<svg class=\"size-shape\" viewBox=\"0 0 20 10\" width=\"20\" height=\"10\""
                    + " aria-hidden=\"true\"><%s fill=\"currentColor\"/></svg>";

    private final StringBuilder html = new StringBuilder(8192);

    private ScoreMarkup() {}

    /**
     * @param at which line, from 0
     * @param chosen the use whose panel is open
     */
    static String tiles(ScoreLine line, int at, Optional<String> chosen) {
        ScoreMarkup markup = new ScoreMarkup();
        line.tiles()
                .forEach(tile -> markup.tile(
                        tile, at, chosen.filter(tile.useId()::equals).isPresent()));
        return markup.html.toString();
    }

    /**
     * @param chosen the number of the joint whose panel is open, 0 for none
     */
    static String joints(ScoreLine line, int chosen) {
        ScoreMarkup markup = new ScoreMarkup();
        line.joints().forEach(joint -> markup.joint(joint, joint.number() == chosen));
        return markup.html.toString();
    }

    /** The columns of the drawing of the pace. */
    static String pace(List<BalanceView.Column> columns) {
        ScoreMarkup markup = new ScoreMarkup();
        columns.forEach(markup::column);
        return markup.html.toString();
    }

    private void column(BalanceView.Column column) {
        html.append("<a data-select");
        attribute("class", column.slow() ? "pace-column is-slow" : "pace-column");
        attribute("href", "?use=" + column.useId() + "&joint=");
        attribute("data-at", Double.toString(column.at()));
        attribute("data-width", Double.toString(column.width()));
        attribute("data-height", Double.toString(column.height()));
        attribute("aria-label", column.spoken());
        attribute("title", column.spoken());
        html.append("></a>");
    }

    private void tile(Tile tile, int at, boolean chosen) {
        FrameView frame = tile.frame();
        html.append("<a draggable=\"false\" data-select");
        attribute("class", classes(tile, chosen));
        attribute("id", "tile-" + at + "-" + tile.useId());
        attribute("href", "?use=" + tile.useId() + "&joint=");
        attribute("data-at", Double.toString(tile.at()));
        attribute("data-width", Double.toString(tile.width()));
        attribute("data-id", tile.useId());
        attribute("data-place", Integer.toString(tile.place()));
        attribute("data-start", Long.toString(tile.startFrame()));
        attribute("data-end", Long.toString(tile.endFrame()));
        attribute("data-code", frame.code());
        if (tile.opensLeft()) {
            // The rest of a use is no stop of its own.
            html.append(" tabindex=\"-1\" aria-hidden=\"true\"");
        }
        if (chosen) {
            attribute("aria-current", "true");
        }
        attribute(
                "aria-label",
                "%s, %s, %s%s".formatted(frame.spoken(), tile.seconds(), tile.pace(), tile.pinned() ? ", pinned" : ""));
        html.append("><span class=\"tile-picture\"><span class=\"tile-frame\">")
                .append(frame.svg())
                .append("</span><span class=\"tile-words\">");
        span("tile-size", frame.size());
        span("tile-setup", frame.caption());
        span("tile-seconds", tile.seconds());
        if (!tile.pace().equals("real time")) {
            span("tile-pace", tile.pace());
        }
        html.append("</span></span><span class=\"tile-caption\">").append(sizeShape(frame.sizeClass()));
        span("code", frame.code());
        span("tile-name", frame.action());
        html.append(tile.pinned() ? PIN : "").append("</span>");
        html.append(chosen && !tile.opensRight() ? EDGE : "").append("</a>");
    }

    private static String classes(Tile tile, boolean chosen) {
        return "tile"
                + (tile.opensLeft() ? " opens-left" : "")
                + (tile.opensRight() ? " opens-right" : "")
                + (tile.marked() ? " is-marked" : "")
                + (chosen ? " is-chosen" : "");
    }

    private static String sizeShape(String sizeClass) {
        return SIZE_SHAPE.formatted(
                switch (sizeClass) {
                    case "wide" -> "rect x=\"0\" y=\"2\" width=\"20\" height=\"6\" rx=\"1\"";
                    case "mid" -> "rect x=\"5\" y=\"0\" width=\"10\" height=\"10\" rx=\"1\"";
                    default -> "circle cx=\"10\" cy=\"5\" r=\"4\"";
                });
    }

    private void joint(JointMark joint, boolean chosen) {
        html.append("<a class=\"joint\" draggable=\"false\" data-select data-walk");
        attribute("id", "joint-" + joint.number());
        attribute("href", "?joint=" + joint.number() + "&use=");
        attribute("data-at", Double.toString(joint.at()));
        attribute("data-into", joint.intoUseId());
        attribute("data-frame", Long.toString(joint.frame()));
        attribute("data-number", Integer.toString(joint.number()));
        attribute("data-status", joint.status());
        attribute("aria-label", joint.spoken());
        attribute("title", joint.spoken());
        if (chosen) {
            attribute("aria-current", "true");
        }
        html.append("><svg class=\"status\" width=\"20\" height=\"20\" aria-hidden=\"true\"><use href=\"#status-")
                .append(joint.status())
                .append("\"/></svg></a>");
    }

    private void attribute(String name, String value) {
        html.append(' ')
                .append(name)
                .append("=\"")
                .append(FrameSvg.escape(value))
                .append('"');
    }

    private void span(String cssClass, String text) {
        html.append("<span class=\"")
                .append(cssClass)
                .append("\">")
                .append(FrameSvg.escape(text))
                .append("</span>");
    }
}
