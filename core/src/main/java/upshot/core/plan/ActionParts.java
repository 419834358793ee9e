package upshot.core.plan;

import java.time.LocalTime;
import java.util.Optional;
import upshot.core.size.Form;
import upshot.core.size.Posture;

/** What is asked of an action without a thought of the part that it is in. */
public interface ActionParts {

    ActionPlace place();

    ActionTiming timing();

    ActionNature nature();

    ActionDirection direction();

    ActionThing handled();

    ActionSound heard();

    ActionCoverage wanted();

    default Posture posture() {
        return place().posture();
    }

    default double baseHeightM() {
        return place().baseHeightM();
    }

    default Optional<Double> acrossM() {
        return place().acrossM();
    }

    default Optional<Double> deepM() {
        return place().deepM();
    }

    default double durationS() {
        return timing().durationS();
    }

    default boolean once() {
        return timing().once();
    }

    default Optional<LocalTime> fixedTime() {
        return timing().fixedTime();
    }

    default double resetMin() {
        return timing().resetMin();
    }

    default Optional<LocalTime> fromTime() {
        return timing().fromTime();
    }

    default Optional<LocalTime> untilTime() {
        return timing().untilTime();
    }

    default boolean messy() {
        return nature().messy();
    }

    default boolean soonGone() {
        return nature().soonGone();
    }

    default boolean tiring() {
        return nature().tiring();
    }

    default boolean quick() {
        return nature().quick();
    }

    default double speedMps() {
        return direction().speedMps();
    }

    default Line line() {
        return direction().line();
    }

    default Side side() {
        return direction().side();
    }

    default String thing() {
        return handled().thing();
    }

    default Form thingForm() {
        return handled().thingForm();
    }

    default double thingHeightM() {
        return handled().thingHeightM();
    }

    default double thingBaseM() {
        return handled().thingBaseM();
    }

    default String setsState() {
        return handled().setsState();
    }

    default Focus focus() {
        return handled().focus();
    }

    default Rise rises() {
        return direction().rises();
    }

    default String sound() {
        return heard().sound();
    }

    default boolean speech() {
        return heard().speech();
    }

    default boolean playback() {
        return heard().playback();
    }

    default boolean noSound() {
        return heard().noSound();
    }

    default boolean onePicture() {
        return wanted().onePicture();
    }

    default Taken taken() {
        return wanted().taken();
    }

    default boolean stagedAgain() {
        return wanted().stagedAgain();
    }

    default String strand() {
        return wanted().strand();
    }
}
