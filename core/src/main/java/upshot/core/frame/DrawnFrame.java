package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Performer;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.size.Posture;
import upshot.core.size.SubjectKind;

/**
 * What a shot will look like, as shapes.
 *
 * @param aspect the frame's width, its height being 1
 * @param shapes back to front
 * @param eye where the viewer looks: the eyes of a person, the middle of a thing; kept within the frame
 */
public record DrawnFrame(double aspect, List<Shape> shapes, FramePoint eye) {

    private static final double SEAT_HEIGHT = 0.25;
    private static final double SEAT_SIDE = 0.22;
    private static final double BESIDE_M = 1.1;
    private static final double BEHIND_M = 0.3;

    public DrawnFrame {
        shapes = List.copyOf(shapes);
    }

    /** Where the viewer looks, without drawing the rest. */
    public static FramePoint eyeOf(Around plan, Shot shot) {
        return Sight.of(plan, shot, Moment.FRAMED).eye(shot);
    }

    /** The same while the shot runs. */
    static FramePoint eyeAt(Around plan, Shot shot, Moment moment) {
        return Sight.of(plan, shot, moment).eye(shot);
    }

    /** The camera at a moment of the shot. */
    static Pinhole cameraAt(Around plan, Shot shot, Moment moment) {
        return Sight.of(plan, shot, moment).camera();
    }

    /** Draws a shot of a plan. */
    public static DrawnFrame of(Around plan, Shot shot) {
        DrawnFrame picture = at(plan, shot, Moment.FRAMED);
        List<Shape> shapes = new ArrayList<>(picture.shapes);
        shapes.addAll(new Signs(plan, shot, picture.aspect).draw(Sight.centreU(shot.placement(), picture.aspect)));
        shapes.add(new Shape.Ring(Shape.Role.EYE, picture.eye, Sight.EYE_RING));
        return new DrawnFrame(picture.aspect, shapes, picture.eye);
    }

    /** Draws what the camera sees while the shot runs, without anything written on it. */
    public static DrawnFrame at(Around plan, Shot shot, Moment moment) {
        Sight taken = Sight.of(plan, shot, moment);
        double aspect = taken.aspect();
        List<Shape> picture = new ArrayList<>(backdrop(plan.spotOf(taken.action()), taken.camera(), aspect, shot));
        picture.addAll(others(plan, shot, taken.goingAlong(), moment.stride()));
        picture.addAll(subject(taken));
        picture.addAll(Foreground.of(shot, aspect));
        return new DrawnFrame(aspect, new Tilted(aspect, shot.rollDeg()).turn(picture), taken.eye(shot));
    }

    private static List<Shape> backdrop(Spot spot, Pinhole camera, double aspect, Shot shot) {
        double beyond = shot.rollDeg() == 0 ? 0 : aspect;
        return new Scenery(spot.outdoors(), spot.backdropM(), beyond)
                .draw(camera, aspect, camera.depthM(new Point3(0, 0, 0)));
    }

    /** Whoever takes part stands beside the action's own subject, wherever a wide or a full frame shows that one. */
    private static List<Shape> others(Around plan, Shot shot, Pinhole camera, double stride) {
        List<Shape> shapes = new ArrayList<>();
        Action action = plan.actionOf(shot);
        if (shot.subjectId().isPresent() || !shot.size().fullOrWider()) {
            return shapes;
        }
        int place = 0;
        for (Performer performer : plan.performersOf(action)) {
            Subject subject = plan.get(RecordKind.SUBJECT, performer.subjectId());
            double side = (place % 2 == 0 ? 1 : -1) * (1 + place / 2) * BESIDE_M;
            Point3 there = new Point3(side, -BEHIND_M * (1 + place / 2), 0);
            shapes.addAll(
                    new Figure(subject.heightM(), action.baseHeightM(), action.posture(), Optional.empty(), stride)
                            .draw(camera.towards(there)));
            place++;
        }
        return shapes;
    }

    private static List<Shape> subject(Sight taken) {
        Action action = taken.action();
        Subject subject = taken.subject();
        Pinhole camera = taken.goingAlong();
        Point3 foot = new Point3(0, 0, action.baseHeightM());
        if (subject.kind() == SubjectKind.PERSON) {
            return person(taken, camera, foot);
        }
        List<Shape> shapes = new ArrayList<>(
                Things.draw(camera, subject.form(), foot, subject.widthM(), subject.lengthM(), subject.heightM()));
        held(taken, camera, foot, shapes);
        return shapes;
    }

    private static List<Shape> person(Sight taken, Pinhole camera, Point3 foot) {
        Action action = taken.action();
        Subject subject = taken.subject();
        List<Shape> shapes = new ArrayList<>();
        if (action.posture() == Posture.SEATED && !taken.ownView()) {
            shapes.addAll(stool(camera, foot, subject.heightM()));
        }
        Optional<Workplace> work = Workplace.of(action, subject);
        Figure figure = taken.figure();
        if (taken.ownView()) {
            // What one sees of oneself: the work, and the hands on it.
            work.ifPresent(
                    bench -> shapes.addAll(bench.draw(camera, taken.thing().isEmpty())));
            held(taken, camera, foot, shapes);
            shapes.addAll(figure.hands(camera));
            return shapes;
        }
        shapes.addAll(figure.draw(camera));
        if (action.posture() == Posture.RIDING) {
            // From behind the rider hides most of the bicycle, from in front and beside it hides the legs.
            List<Shape> cycle = Cycle.bicycle(camera, foot);
            boolean behind = camera.depthM(foot.plus(new Point3(0, 1, 0))) > camera.depthM(foot) + 0.5;
            shapes.addAll(behind ? 0 : shapes.size(), cycle);
        }
        // Seen from behind, the body is before its work; otherwise the bench hides the body, and the hands lie on it.
        boolean beyond = work.filter(bench -> bench.isBeyond(camera, foot)).isPresent();
        work.filter(bench -> !beyond)
                .ifPresent(
                        bench -> shapes.addAll(bench.draw(camera, taken.thing().isEmpty())));
        held(taken, camera, foot, shapes);
        work.ifPresent(bench -> shapes.addAll(
                beyond ? 0 : shapes.size(),
                beyond ? bench.draw(camera, taken.thing().isEmpty()) : figure.hands(camera)));
        return shapes;
    }

    private static void held(Sight taken, Pinhole camera, Point3 foot, List<Shape> shapes) {
        taken.thing().ifPresent(at -> {
            double height = taken.action().thingHeightM();
            List<Shape> drawn = Things.draw(camera, taken.action().thingForm(), at, height * 1.1, height * 1.1, height);
            // Seen from behind, the body hides the thing in its hands.
            shapes.addAll(camera.depthM(at) > camera.depthM(foot) + 0.05 ? 0 : shapes.size(), drawn);
        });
    }

    /** Nobody sits on air: a block as high as the seat of the figure. */
    private static List<Shape> stool(Pinhole camera, Point3 foot, double heightM) {
        return Solids.box(
                camera,
                foot,
                SEAT_SIDE * heightM,
                SEAT_SIDE * heightM,
                SEAT_HEIGHT * heightM,
                0,
                Shape.Role.SCENERY,
                Shape.Role.SCENERY_LIT);
    }
}
