package upshot.exchange.svg;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Focus;
import upshot.core.plan.Line;
import upshot.core.plan.Viewpoint;
import upshot.core.size.Form;
import upshot.core.size.Posture;
import upshot.core.size.Size;

/** Frames of hands and feet, as a detail of an action that is about them is aimed. */
final class WorkFrames {

    private WorkFrames() {}

    static Map<String, FrameSheetTest.Cell> of() {
        Map<String, FrameSheetTest.Cell> frames = new LinkedHashMap<>();
        UnaryOperator<Action> hands = action -> action.with("line", Line.NONE).with("focus", Focus.HANDS);
        UnaryOperator<Action> seated = action -> hands.apply(action).with("posture", Posture.SEATED);
        UnaryOperator<Action> box = action -> hands.apply(action)
                .with("thing", "box")
                .with("thingForm", Form.BOX)
                .with("thingHeightM", 0.12);
        UnaryOperator<Action> feet = action -> action.with("focus", Focus.FEET).with("posture", Posture.WALKING);
        frames.put(
                "hands at work, medium",
                FrameSheetTest.person("16:9", hands, FrameSheetTest.seen(Size.MEDIUM, 30, 1.5, 50)));
        frames.put(
                "hands at work, from 45°",
                FrameSheetTest.person("16:9", hands, FrameSheetTest.seen(Size.CLOSE_UP, 60, 1.9, 35)));
        frames.put(
                "hands on a box, from 45°",
                FrameSheetTest.person("16:9", box, FrameSheetTest.seen(Size.CLOSE_UP, 330, 1.9, 35)));
        frames.put(
                "hands at work, over the shoulder",
                FrameSheetTest.person(
                        "16:9",
                        hands,
                        shot -> FrameSheetTest.seen(Size.CLOSE_UP, 150, 1.75, 50)
                                .apply(shot)
                                .with("viewpoint", Viewpoint.OVER_SHOULDER)));
        frames.put(
                "hands on a box, the worker's own view",
                FrameSheetTest.person(
                        "16:9",
                        box,
                        shot -> FrameSheetTest.seen(Size.CLOSE_UP, 180, 1.65, 35)
                                .apply(shot)
                                .with("viewpoint", Viewpoint.POINT_OF_VIEW)));
        frames.put(
                "hands that rest",
                FrameSheetTest.person(
                        "16:9",
                        action -> action.with("line", Line.NONE),
                        shot -> FrameSheetTest.seen(Size.CLOSE_UP, 40, 1.4, 50)
                                .apply(shot)
                                .with("aim", Aim.HANDS)));
        frames.put(
                "a car",
                FrameSheetTest.object("16:9", Form.VEHICLE, 1.6, 2.4, FrameSheetTest.seen(Size.FULL, 40, 1.5, 35)));
        frames.put(
                "hands at work, seated",
                FrameSheetTest.person("16:9", seated, FrameSheetTest.seen(Size.FULL, 45, 1.1, 35)));
        frames.put(
                "feet, from the floor",
                FrameSheetTest.person("16:9", feet, FrameSheetTest.seen(Size.CLOSE_UP, 60, 0.1, 50)));
        return frames;
    }
}
