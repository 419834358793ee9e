package upshot.core.cut;

import upshot.core.frame.CutFrame;
import upshot.core.ground.ScreenTravel;
import upshot.core.plan.Shot;

/**
 * Which way the camera is seen to go while a use plays, together of length one, or nowhere: a pull that is played
 * backwards pushes.
 *
 * @param right across the picture, below zero to the left
 * @param up likewise, below zero down
 * @param towards the subject, below zero away from it
 */
public record SeenWay(double right, double up, double towards) {

    public static final SeenWay STILL = new SeenWay(0, 0, 0);

    public static SeenWay of(Picture picture) {
        Shot shot = picture.shot();
        double played = Math.signum(picture.use().frameStep());
        double sign = (shot.moveBack() ? -1 : 1) * played;
        double across = picture.use().crop().flipped() ? -sign : sign;
        return switch (shot.move()) {
            case STILL -> STILL;
            case PAN, SLIDE, ORBIT -> new SeenWay(across, 0, 0);
            case TILT, LIFT -> new SeenWay(0, sign, 0);
            case PUSH -> new SeenWay(0, 0, played);
            case PULL -> new SeenWay(0, 0, -played);
            case FOLLOW -> across(CutFrame.travelOf(picture.around(), shot, picture.use(), true));
        };
    }

    /** Going the way that something travels. */
    public static SeenWay across(ScreenTravel travel) {
        return switch (travel) {
            case LEFT_TO_RIGHT -> new SeenWay(1, 0, 0);
            case RIGHT_TO_LEFT -> new SeenWay(-1, 0, 0);
            case NEUTRAL -> STILL;
        };
    }

    /** 1 for the same way, −1 for the opposite. */
    public double dot(SeenWay other) {
        return right * other.right + up * other.up + towards * other.towards;
    }

    public boolean still() {
        return dot(this) == 0;
    }

    /** "it pushes in". */
    public String inWords() {
        if (towards != 0) {
            return towards > 0 ? "it pushes in" : "it pulls out";
        }
        if (right != 0) {
            return right > 0 ? "it goes right" : "it goes left";
        }
        return up == 0 ? "it rests" : up > 0 ? "it goes up" : "it goes down";
    }
}
