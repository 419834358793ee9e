package upshot.core.frame;

import java.util.List;

/** One thing drawn in the frame; later shapes lie over earlier ones. */
public sealed interface Shape {

    Role role();

    /** What a shape stands for; colours belong to whoever renders it. */
    enum Role {
        SKY,
        WALL,
        GROUND,
        SCENERY,
        SCENERY_LIT,
        PERSON_FAR,
        PERSON,
        SKIN,
        BUILDING,
        BUILDING_LIT,
        ROOF,
        WINDOW,
        DOOR,
        OBJECT,
        OBJECT_LIT,
        FOREGROUND,
        FOREGROUND_EDGE,
        TRAVEL,
        MOVE,
        LIGHT,
        EYE
    }

    /** A filled area. */
    record Area(Role role, List<FramePoint> corners) implements Shape {
        public Area {
            corners = List.copyOf(corners);
        }
    }

    /** A line with round ends. */
    record Stroke(Role role, FramePoint from, FramePoint to, double width) implements Shape {}

    /** A filled circle. */
    record Disc(Role role, FramePoint centre, double radius) implements Shape {}

    /** An arrow from one place to another. */
    record Arrow(Role role, FramePoint from, FramePoint to) implements Shape {}

    /** An open circle, for where the eye goes. */
    record Ring(Role role, FramePoint centre, double radius) implements Shape {}
}
