package upshot.exchange.svg;

import java.util.List;
import java.util.Locale;
import upshot.core.measure.Degrees;

/**
 * Draws from above where round its subject a camera stands: the subject in the middle looks down the page, so that its own
 * right is on the left as for somebody who faces it.
 */
public final class DialSvg {

    private static final double MIDDLE = 60;
    private static final double RING = 44;
    private static final int TICKS = 8;

    private DialSvg() {}

    /**
     * @param bearingDeg of the camera, clockwise from above, 0° in front of the subject
     * @param othersDeg where the other cameras of the same action stand
     * @param person whether the subject has a front that shows
     */
    public static String render(double bearingDeg, List<Double> othersDeg, boolean person) {
        StringBuilder svg = new StringBuilder(1536);
        svg.append("<svg class=\"dial-drawing\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 120 120\"")
                .append(" aria-hidden=\"true\">");
        svg.append("<circle class=\"dial-ring\" cx=\"60\" cy=\"60\" r=\"44\"/>");
        for (int i = 0; i < TICKS; i++) {
            svg.append(turned("<path class=\"dial-tick\" d=\"M60 100 V108\"", i * 360.0 / TICKS));
        }
        svg.append(
                person
                        ? "<ellipse class=\"dial-subject\" cx=\"60\" cy=\"60\" rx=\"17\" ry=\"9\"/>"
                                + "<circle class=\"dial-head\" cx=\"60\" cy=\"61\" r=\"8\"/>"
                                + "<path class=\"dial-head\" d=\"M56 67 L60 74 L64 67 Z\"/>"
                        : "<rect class=\"dial-subject\" x=\"49\" y=\"49\" width=\"22\" height=\"22\" rx=\"4\"/>"
                                + "<path class=\"dial-subject\" d=\"M55 73 L60 79 L65 73 Z\"/>");
        for (double other : othersDeg) {
            svg.append("<circle class=\"dial-other\" cx=\"%s\" cy=\"%s\" r=\"4\"/>"
                    .formatted(number(MIDDLE - RING * Degrees.sin(other)), number(MIDDLE + RING * Degrees.cos(other))));
        }
        svg.append(turned("<path class=\"dial-view\" d=\"M60 101 L51 84 H69 Z\"", bearingDeg));
        svg.append(turned(
                "<rect class=\"dial-camera\" x=\"53\" y=\"98\" width=\"14\" height=\"12\" rx=\"2\"", bearingDeg));
        return svg.append("</svg>").toString();
    }

    /** Drawn in front of the subject and carried round it. */
    private static String turned(String shape, double bearingDeg) {
        return "%s transform=\"rotate(%s 60 60)\"/>".formatted(shape, number(bearingDeg));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
