package upshot.app.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** A window on the plan of a room with one camera. */
abstract class OnGround extends InBrowser {

    private Shot shot;

    @BeforeEach
    final void aRoomWithACamera() {
        SamplePlan sample = new SamplePlan();
        Action action =
                sample.action(one -> one.with("acrossM", Optional.of(3.0)).with("deepM", Optional.of(1.0)));
        shot = sample.shot(action, one -> one.with("bearingDeg", 0.0).with("focalLengthMm", 50.0));
        newJob(sample.build());
        stage(4);
    }

    final Locator stand() {
        return page.locator("[data-stand='%s']".formatted(shot.id()));
    }

    final Shot saved() {
        return plan().get(RecordKind.SHOT, shot.id());
    }

    final void put(String label) {
        page.getByLabel("Put here").selectOption(new SelectOption().setLabel(label));
        button("Put").click();
    }

    final void field(String name, String label, String value) {
        Locator record = page.locator("details.record", new Page.LocatorOptions().setHasText(name))
                .first();
        if (record.getAttribute("open") == null) {
            record.locator("summary").click();
        }
        Locator control = record.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
        control.fill(value);
        control.press("Enter");
    }
}
