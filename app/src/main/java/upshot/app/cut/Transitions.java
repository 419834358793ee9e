package upshot.app.cut;

import upshot.core.plan.Entry;

/** What each transition needs from both shots and what it asks of the shoot, in a sentence or two. */
final class Transitions {

    private Transitions() {}

    static String needs(Entry entry) {
        return switch (entry) {
            case STRAIGHT -> "Needs nothing but a step in size or angle.";
            case JUMP -> "The same framing with time left out, on purpose. Asks nothing of the shoot.";
            case RETURN -> "The mover has turned round or the thing is whole again, and the story knows.";
            case MATCHED -> "Both pictures or moves answer each other. Asks the shoot for one size and place in both.";
            case ACTION ->
                "Needs one action in both, half a second of it recorded twice. Asks the shoot to take in the whole movement.";
            case WHIP ->
                "Needs a pan the same way in both. Asks for a whip at the end of one and the beginning of the other.";
            case POSITION -> "Needs the subject at one place of the frame in both. Asks for a mark on the monitor.";
            case THROUGH ->
                "Needs something close in front in both. Asks the camera to pass it at the end and the beginning.";
            case LIFT_DROP ->
                "Needs the thing at one place in both. Asks for it to leave the frame upwards and to come in from above.";
            case DISSOLVE, WIPE -> "Needs handles on both sides, half its length each. Asks for that much more hold.";
            case REVEAL -> "Needs an action that can be read backwards, played backwards.";
            case RAMP -> "Needs one shot on both sides at two speeds. Asks for frames enough for the slow side.";
            case REPEAT -> "The same seconds again, on purpose. Asks nothing of the shoot.";
        };
    }
}
