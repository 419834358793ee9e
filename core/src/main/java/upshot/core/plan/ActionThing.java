package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import upshot.core.size.Form;

/**
 * What an action is about beside its subject.
 *
 * @param thing what the hands or the eyes are on, up to 60 characters, empty for nothing
 * @param thingForm what it looks like
 * @param thingHeightM its height, 0.005 to 20 m
 * @param thingBaseM how far above the floor it is, 0 to 100 m
 * @param setsState the state that it leaves a thing in, up to 60 characters, empty for none
 * @param focus what the action is about, and so what a detail of it shows
 */
public record ActionThing(
        String thing, Form thingForm, double thingHeightM, double thingBaseM, String setsState, Focus focus)
        implements Part {

    public ActionThing {
        thing = text("thing", "thing", thing, 0, 60);
        chosen("thingForm", "form", thingForm);
        thingHeightM = range("thingHeightM", "height of the thing", thingHeightM, 0.005, 20, "m");
        thingBaseM = range("thingBaseM", "height of the thing above the floor", thingBaseM, 0, 100, "m");
        setsState = text("setsState", "state", setsState, 0, 60);
        chosen("focus", "focus", focus);
    }
}
