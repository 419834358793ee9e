package upshot.core.frame;

import java.util.List;
import java.util.function.UnaryOperator;

/** One thing drawn in the frame; later shapes lie over earlier ones. */
public sealed interface Shape {

    Role role();

    /**
     * The same somewhere else in the frame.
     *
     * @param place where each of its points goes
     * @param scale how much larger it is drawn
     */
    Shape through(UnaryOperator<FramePoint> place, double scale);

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

        @Override
        public Shape through(UnaryOperator<FramePoint> place, double scale) {
            return new Area(role, corners.stream().map(place).toList());
        }
    }

    /** A line with round ends. */
    record Stroke(Role role, FramePoint from, FramePoint to, double width) implements Shape {
        @Override
        public Shape through(UnaryOperator<FramePoint> place, double scale) {
            return new Stroke(role, place.apply(from), place.apply(to), width * scale);
        }
    }

    /** A filled circle. */
    record Disc(Role role, FramePoint centre, double radius) implements Shape {
        @Override
        public Shape through(UnaryOperator<FramePoint> place, double scale) {
            return new Disc(role, place.apply(centre), radius * scale);
        }
    }

    /** An arrow from one place to another. */
    record Arrow(Role role, FramePoint from, FramePoint to) implements Shape {
        @Override
        public Shape through(UnaryOperator<FramePoint> place, double scale) {
            return new Arrow(role, place.apply(from), place.apply(to));
        }
    }

    /** An open circle, for where the eye goes. */
    record Ring(Role role, FramePoint centre, double radius) implements Shape {
        @Override
        public Shape through(UnaryOperator<FramePoint> place, double scale) {
            return new Ring(role, place.apply(centre), radius);
        }
    }
}
