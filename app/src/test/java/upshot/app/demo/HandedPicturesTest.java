package upshot.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.exchange.handoff.EditorPage;
import upshot.exchange.handoff.Handed;
import upshot.exchange.handoff.OtioJson;

/** What of a picture is shown, and the plate that belongs to it, on the way to the editor. */
@AppTest
class HandedPicturesTest {

    private static final String PLATE = "A clean plate belongs to it: the same frame with nothing in it";
    private static final String CUT_OUT = "Cut out of the picture 1.5×, 0.25 left and 0.5 down from its middle;"
            + " left and right exchanged, so that writing reads backwards.";

    @Autowired
    private DemoPlans demo;

    private static Handed handed(Plan plan) {
        return new ShotEvening(plan, plan.brief().rate()).handed(List.of());
    }

    private static String page(Handed handed) {
        return EditorPage.served(handed, "script", "style", "there", "");
    }

    @Test
    void crops_and_plates_are_said_on_the_page_and_in_the_timeline() {
        Plan plan = demo.kilnNight();
        var use = plan.uses().get(0);
        Plan special = plan.apply(Change.batch(List.of(
                Change.set(plan.shotOf(use), "cleanPlate", true),
                Change.set(use, "cropZoom", 1.5),
                Change.set(use, "cropAcross", -0.25),
                Change.set(use, "cropDown", 0.5),
                Change.set(use, "flipped", true))));

        assertThat(page(handed(plan))).doesNotContain(PLATE, "Cut out of the picture", "writing reads backwards");
        assertThat(page(handed(special))).contains(PLATE, CUT_OUT);
        assertThat(OtioJson.write(handed(special)))
                .contains("\"clean_plate\" : true", "\"crop\" : 1.5", "\"crop_across\" : -0.25", "\"flipped\" : true");
    }
}
