package upshot.exchange.svg;

import java.util.Locale;
import upshot.core.finding.Wording;

/** Draws what is sharp along the line of sight: the camera, the sharp stretch, the subject and the background. */
public final class DepthBarSvg {

    private static final double LEFT = 24;
    private static final double RIGHT = 290;
    private static final double BEFORE_BEHIND = 192;

    private DepthBarSvg() {}

    /**
     * @param farM positive infinity when the horizon is sharp
     * @param title said to those who cannot see it
     */
    public static String render(double subjectM, double nearM, double farM, double backgroundM, String title) {
        double shownM = Math.max(backgroundM, subjectM) * 1.08;
        double near = x(nearM, shownM);
        double far = Double.isInfinite(farM) ? RIGHT : Math.min(RIGHT, x(farM, shownM));
        double subject = x(subjectM, shownM);
        double background = x(backgroundM, shownM);
        StringBuilder svg = new StringBuilder(1024);
        svg.append("<svg class=\"depthbar\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 300 62\" role=\"img\"")
                .append(" aria-label=\"")
                .append(FrameSvg.escape(title))
                .append("\">");
        svg.append("<path d=\"M4 26 h10 v4 l6 -4 v12 l-6 -4 v4 h-10 z\" fill=\"#172026\"/>");
        svg.append("<line x1=\"24\" y1=\"32\" x2=\"290\" y2=\"32\" stroke=\"#9fb0b4\"/>");
        svg.append("<rect x=\"%s\" y=\"24\" width=\"%s\" height=\"16\" fill=\"#b5d3d3\" stroke=\"#0b6a6c\"/>"
                .formatted(number(near), number(Math.max(2, far - near))));
        svg.append("<circle cx=\"%s\" cy=\"32\" r=\"5\" fill=\"#0b6a6c\"/>".formatted(number(subject)));
        svg.append(
                "<rect x=\"%s\" y=\"20\" width=\"4\" height=\"24\" fill=\"#172026\"/>".formatted(number(background)));
        String sharp = Double.isInfinite(farM)
                ? "sharp from %s".formatted(Wording.metres(nearM))
                : "sharp %s to %s".formatted(Wording.number(nearM, 2), Wording.metres(farM));
        double middle = Math.max(70, Math.min(230, (near + far) / 2));
        svg.append(text(middle, 14, "middle", sharp));
        svg.append(
                text(Math.max(LEFT, Math.min(BEFORE_BEHIND, subject)), 57, anchor(subject), Wording.metres(subjectM)));
        svg.append(text(RIGHT + 6, 57, "end", "behind " + Wording.metres(backgroundM)));
        return svg.append("</svg>").toString();
    }

    /** Figures stand under what they measure, as far as the edge and the background's own figure leave room. */
    private static String anchor(double x) {
        if (x < 60) {
            return "start";
        }
        return x > 165 ? "end" : "middle";
    }

    private static double x(double metres, double shownM) {
        return LEFT + (RIGHT - LEFT) * Math.min(1, metres / shownM);
    }

    private static String text(double x, double y, String anchor, String content) {
        return "<text x=\"%s\" y=\"%s\" text-anchor=\"%s\" font-size=\"12\" fill=\"#3b4950\">%s</text>"
                .formatted(number(x), number(y), anchor, FrameSvg.escape(content));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
