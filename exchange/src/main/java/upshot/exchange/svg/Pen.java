package upshot.exchange.svg;

import java.util.List;
import upshot.core.frame.FramePoint;

/**
 * Makes the marks of a drawn frame. Places and lengths are in frame heights, from the upper left corner; colours are
 * six hexadecimal figures behind a number sign.
 */
public interface Pen {

    /**
     * @param edged whether a hair of its colour goes round it
     */
    void area(List<FramePoint> corners, String colour, boolean edged);

    /** A line with round ends. */
    void line(FramePoint from, FramePoint to, double width, String colour);

    void disc(FramePoint centre, double radius, String colour);

    /**
     * @param opacity 0 to 1
     */
    void ring(FramePoint centre, double radius, double width, String colour, double opacity);
}
