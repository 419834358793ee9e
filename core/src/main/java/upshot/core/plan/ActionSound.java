package upshot.core.plan;

import static upshot.core.plan.Check.text;

/**
 * What is heard of an action.
 *
 * @param sound what to record of it, up to 120 characters
 * @param speech somebody speaks to be heard, so that picture and sound have to run together
 * @param playback it is ticked on recorded sound and needs none of its own
 * @param noSound nothing of it is wanted
 */
public record ActionSound(String sound, boolean speech, boolean playback, boolean noSound) implements Part {

    public ActionSound {
        sound = text("sound", "sound", sound, 0, 120);
    }
}
