package upshot.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.size.Posture;

/**
 * A person as a jointed figure of given height, with the proportions of an average adult in shares of the standing
 * height: shoulders at 0.82, hips 0.47 below the crown, knees and ankles by posture.
 */
final class Figure {

    private static final double TORSO_AND_HEAD = 0.47;
    private static final double SHOULDER_HALF = 0.105;
    private static final double HIP_HALF = 0.062;
    private static final double HEAD_RADIUS = 0.068;
    private static final double ARM_REACH = 0.40;
    private static final double UPPER_ARM = 0.062;
    private static final double RIDING_LEAN = 0.03;
    private static final double EYE_HALF = 0.024;
    private static final double EYE_AHEAD = 0.058;
    private static final double EYE_UP = 0.012;
    private static final double EYE_RADIUS = 0.0075;
    private static final double EYE_HIDDEN = 0.012;
    private static final double WORKING_LEAN = 0.05;
    private static final double BENDS_BELOW = 0.62;
    private static final double BENDS = 0.35;
    private static final double MOST_LEAN = 0.14;

    private final double height;
    private final double base;
    private final Posture posture;
    private final Optional<Point3> reachedFor;
    private final double stride;

    /**
     * @param heightM standing height
     * @param baseM what the figure is on, above the floor
     * @param reachedFor what the hands are on, if anything
     * @param stride how far the legs of somebody who walks are apart, −1 to 1
     */
    Figure(double heightM, double baseM, Posture posture, Optional<Point3> reachedFor, double stride) {
        this.height = heightM;
        this.base = baseM;
        this.posture = posture;
        this.reachedFor = reachedFor;
        this.stride = stride;
    }

    /** The figure as shapes, far limbs first. */
    List<Shape> draw(Pinhole camera) {
        List<Limb> limbs = Stream.concat(legs().stream(), arms().stream())
                .filter(limb -> camera.sees(limb.from) && camera.sees(limb.to))
                .toList();
        Point3 chest = at(0, lean(), crown() - 0.3);
        if (!camera.sees(chest) || !camera.sees(head())) {
            return List.of();
        }
        double chestDepth = camera.depthM(chest);
        List<Shape> shapes = new ArrayList<>();
        limbs.stream()
                .sorted(Comparator.comparingDouble((Limb limb) -> -camera.depthM(limb.middle())))
                .filter(limb -> camera.depthM(limb.middle()) > chestDepth)
                .forEach(limb -> shapes.add(limb.draw(camera, Shape.Role.PERSON_FAR)));
        shapes.addAll(trunk(camera));
        limbs.stream()
                .filter(limb -> camera.depthM(limb.middle()) <= chestDepth)
                .sorted(Comparator.comparingDouble((Limb limb) -> -camera.depthM(limb.middle())))
                .forEach(limb -> shapes.add(limb.draw(camera, limb.role)));
        return shapes;
    }

    /** Lower arms and hands alone, to lie on what they work on. */
    List<Shape> hands(Pinhole camera) {
        return arms().stream()
                .filter(limb -> limb.role == Shape.Role.SKIN || limb.width < UPPER_ARM)
                .filter(limb -> camera.sees(limb.from) && camera.sees(limb.to))
                .map(limb -> limb.draw(camera, limb.role))
                .toList();
    }

    /** The middle of the head. */
    Point3 head() {
        return at(0, lean() + 0.015, crown() - HEAD_RADIUS);
    }

    private List<Shape> trunk(Pinhole camera) {
        List<FramePoint> outline = new ArrayList<>();
        for (double side : new double[] {-1, 1}) {
            outline.addAll(ball(camera, shoulder(side), 0.048));
            outline.addAll(ball(camera, at(side * HIP_HALF, saddle(), hipHeight()), 0.058));
        }
        Point3 head = head();
        double headSize = HEAD_RADIUS * height * camera.scaleAt(head);
        Point3 neck = at(0, lean(), crown() - 0.18);
        Point3 face = head.plus(new Point3(0, 0.062 * height, -0.008 * height));
        Shape nose = new Shape.Disc(Shape.Role.SKIN, camera.project(face), 0.014 * height * camera.scaleAt(face));
        boolean facing = camera.depthM(face) <= camera.depthM(head) + 0.01 * height;
        List<Shape> trunk = new ArrayList<>();
        trunk.add(new Shape.Stroke(
                Shape.Role.SKIN, camera.project(neck), camera.project(head), 0.062 * height * camera.scaleAt(neck)));
        trunk.add(new Shape.Area(Shape.Role.PERSON, Hull.of(outline)));
        Shape skull = new Shape.Disc(Shape.Role.SKIN, camera.project(head), headSize);
        // Hair and nose lie on opposite sides of the head: the nearer one is drawn over it, the farther one under it.
        trunk.addAll(
                facing
                        ? List.of(hair(camera, head, headSize), skull, nose)
                        : List.of(nose, skull, hair(camera, head, headSize)));
        trunk.addAll(eyes(camera, head));
        return trunk;
    }

    /** Those that are on the side of the head that is seen: they say which way it looks. */
    private List<Shape> eyes(Pinhole camera, Point3 head) {
        List<Shape> eyes = new ArrayList<>();
        for (double side : new double[] {-1, 1}) {
            Point3 eye = head.plus(new Point3(side * EYE_HALF * height, EYE_AHEAD * height, EYE_UP * height));
            if (camera.depthM(eye) < camera.depthM(head) - EYE_HIDDEN * height) {
                double radius = EYE_RADIUS * height * camera.scaleAt(eye);
                eyes.add(new Shape.Disc(Shape.Role.PERSON, camera.project(eye), radius));
            }
        }
        return eyes;
    }

    /** A cap over the upper back of the head: it tells front from back at any bearing. */
    private Shape hair(Pinhole camera, Point3 head, double headSize) {
        Point3 back = head.plus(new Point3(0, -0.017 * height, 0.017 * height));
        return new Shape.Disc(Shape.Role.PERSON, camera.project(back), headSize);
    }

    private List<FramePoint> ball(Pinhole camera, Point3 centre, double radius) {
        return Hull.circle(camera.project(centre), radius * height * camera.scaleAt(centre));
    }

    private List<Limb> legs() {
        List<Limb> legs = new ArrayList<>();
        for (double side : new double[] {-1, 1}) {
            Point3 hip = at(side * HIP_HALF, saddle(), hipHeight());
            Point3 knee = knee(side);
            Point3 ankle = ankle(side);
            Point3 toe = ankle.plus(new Point3(0, 0.09 * height, -0.015 * height));
            legs.add(new Limb(Shape.Role.PERSON, hip, knee, 0.105));
            legs.add(new Limb(Shape.Role.PERSON, knee, ankle, 0.075));
            legs.add(new Limb(Shape.Role.PERSON, ankle, toe, 0.05));
        }
        return legs;
    }

    private Point3 knee(double side) {
        return switch (posture) {
            case STANDING -> at(side * 0.06, 0.01, 0.28);
            case WALKING -> at(side * 0.05, 0.07 * side * stride + 0.03, 0.28);
            case SEATED -> at(side * 0.08, 0.24, 0.31);
            case KNEELING -> at(side * 0.07, 0.06, 0.03);
            case RIDING -> at(side * 0.07, 0.16, 0.36 + side * 0.06);
        };
    }

    private Point3 ankle(double side) {
        return switch (posture) {
            case STANDING -> at(side * 0.06, 0, 0.035);
            case WALKING -> at(side * 0.04, side * 0.16 * stride, side * stride > 0 ? 0.035 : 0.07);
            case SEATED -> at(side * 0.08, 0.22, 0.035);
            case KNEELING -> at(side * 0.07, -0.19, 0.03);
            case RIDING -> at(side * 0.07, -0.05, 0.14 + side * 0.08);
        };
    }

    private List<Limb> arms() {
        List<Limb> arms = new ArrayList<>();
        for (double side : new double[] {-1, 1}) {
            Point3 shoulder = shoulder(side);
            Point3 hand = hand(side, shoulder);
            Point3 sag = new Point3(side * 0.05 * height, -0.02 * height, -0.05 * height);
            Point3 elbow = shoulder.towards(hand, 0.5).plus(sag);
            arms.add(new Limb(Shape.Role.PERSON, shoulder, elbow, UPPER_ARM));
            arms.add(new Limb(Shape.Role.PERSON, elbow, hand, 0.05));
            arms.add(new Limb(Shape.Role.SKIN, hand, hand.plus(new Point3(0, 0.012 * height, 0)), 0.052));
        }
        return arms;
    }

    private Point3 hand(double side, Point3 shoulder) {
        if (posture == Posture.RIDING) {
            return at(side * 0.12, 0.22, 0.63);
        }
        if (reachedFor.isPresent()) {
            Point3 grip = reachedFor.get().plus(new Point3(side * 0.05 * height, -0.02 * height, 0));
            Point3 reach = grip.minus(shoulder);
            double far = Math.sqrt(reach.dot(reach)) / (ARM_REACH * height);
            return far > 1 ? shoulder.plus(reach.times(1 / far)) : grip;
        }
        double swing = posture == Posture.WALKING ? -side * 0.14 * stride : 0.05;
        double drop = posture == Posture.SEATED || posture == Posture.KNEELING ? 0.28 : 0.37;
        double forward = posture == Posture.SEATED ? 0.18 : swing;
        return at(side * 0.14, forward, crown() - 0.18 - drop);
    }

    private Point3 shoulder(double side) {
        return at(side * SHOULDER_HALF, lean(), crown() - 0.19);
    }

    /** How far the head is ahead of the feet because the hands work there, metres. */
    double leansM() {
        return posture == Posture.RIDING ? 0 : reachedFor.map(this::bent).orElse(0.0) * height;
    }

    private double lean() {
        return posture == Posture.RIDING
                ? RIDING_LEAN
                : reachedFor.map(this::bent).orElse(0.01);
    }

    /** The lower the hands work, the more the body leans over them. */
    private double bent(Point3 grip) {
        double low = BENDS_BELOW - (grip.z() - base) / height;
        return Math.min(MOST_LEAN, WORKING_LEAN + BENDS * Math.max(0, low));
    }

    /** Riders sit a little behind their hands. */
    private double saddle() {
        return posture == Posture.RIDING ? -0.12 : 0;
    }

    private double crown() {
        return posture.crownShare();
    }

    private double hipHeight() {
        return crown() - TORSO_AND_HEAD;
    }

    private Point3 at(double sideShare, double forwardShare, double heightShare) {
        return new Point3(sideShare * height, forwardShare * height, base + heightShare * height);
    }

    /** A part of an arm or a leg. */
    private final class Limb {
        private final Shape.Role role;
        private final Point3 from;
        private final Point3 to;
        private final double width;

        Limb(Shape.Role role, Point3 from, Point3 to, double widthShare) {
            this.role = role;
            this.from = from;
            this.to = to;
            this.width = widthShare;
        }

        Point3 middle() {
            return from.towards(to, 0.5);
        }

        Shape draw(Pinhole camera, Shape.Role drawnAs) {
            return new Shape.Stroke(
                    drawnAs, camera.project(from), camera.project(to), width * height * camera.scaleAt(middle()));
        }
    }
}
