package upshot.day;

import java.util.List;

/**
 * When a crew can shoot something.
 *
 * @param spans when shooting may happen, in order and apart; none where nothing is left
 * @param rigFromMin from when on the spot can be entered to get ready
 * @param bounded whether more than the crew's own day limits it
 */
public record Windows(List<Span> spans, int rigFromMin, boolean bounded) {

    /** From one minute up to another, after the brief's call. */
    public record Span(int fromMin, int untilMin) {}

    public Windows {
        spans = List.copyOf(spans);
    }
}
