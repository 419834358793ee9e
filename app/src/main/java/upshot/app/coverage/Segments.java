package upshot.app.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import upshot.app.web.Press;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.size.CameraHeight;
import upshot.core.size.Extent;

/**
 * A row of buttons of which one is chosen.
 *
 * @param id within the page
 */
record Segments(String id, String label, List<Segment> choices) {

    /**
     * One of them.
     *
     * @param chosen whether it is so now
     */
    record Segment(String label, Press press, boolean chosen) {}

    static <T> Segments of(
            Shot shot,
            String label,
            Stream<T> offered,
            Function<T, String> said,
            T present,
            BiFunction<Shot, T, Shot> set) {
        List<Segment> choices = offered.map(one -> new Segment(
                        said.apply(one),
                        Press.change(Change.edit(shot, before -> set.apply(before, one))),
                        Objects.equals(one, present)))
                .toList();
        return new Segments(label.toLowerCase() + "-label", label, choices);
    }

    /** The usual heights of a camera, by what the subject is. */
    static Segments heights(Shot shot, Stand stand) {
        Extent extent = stand.extent();
        double aim = stand.framing().aimM();
        double distance = stand.distanceM();
        CameraHeight present = stand.height(shot);
        List<Segment> heights = new ArrayList<>();
        if (!extent.person() || stand.aim().faceless()) {
            heights.add(height(shot, CameraHeight.LOW, aim - distance * Degrees.sin(15), present));
            heights.add(height(shot, CameraHeight.LEVEL, aim, present));
            heights.add(height(shot, CameraHeight.RAISED, aim + distance * Degrees.sin(25), present));
            heights.add(height(shot, CameraHeight.FROM_45, aim + distance * Degrees.sin(45), present));
        } else {
            double tall = extent.topM() - extent.baseM();
            heights.add(height(shot, CameraHeight.LOW, extent.baseM() + 0.2 * tall, present));
            heights.add(height(shot, CameraHeight.WAIST, extent.baseM() + 0.55 * tall, present));
            heights.add(height(shot, CameraHeight.EYE, extent.eyeLineM(), present));
            heights.add(height(shot, CameraHeight.HIGH, extent.baseM() + 1.15 * tall, present));
        }
        heights.add(height(shot, CameraHeight.OVERHEAD, aim + 0.95 * distance, present));
        return new Segments("height-label", "Height", heights);
    }

    private static Segment height(Shot shot, CameraHeight name, double metres, CameraHeight present) {
        double rounded = Math.max(0.05, Math.min(60, Math.round(metres * 100) / 100.0));
        return new Segment(
                name.label(), Press.change(Change.edit(shot, one -> one.withCameraHeightM(rounded))), name == present);
    }
}
