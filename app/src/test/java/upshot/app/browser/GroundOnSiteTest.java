package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Underlay;

/** The plan from above where one is: by finger, over a picture, beside other spots, and on the phone that rolls. */
@AppTest
class GroundOnSiteTest extends OnGround {

    private static void drag(Page touched, Locator what, double rightPx, double downPx) {
        BoundingBox box = what.boundingBox();
        Finger.drag(touched, what, box.x + box.width / 2 + rightPx, box.y + box.height / 2 + downPx);
    }

    /** Walls are broken by their middles, and every corner is put elsewhere. */
    @Test
    void a_room_of_eight_corners_is_drawn_by_finger_alone() {
        Page touched = another(true);
        touched.context().addCookies(page.context().cookies());
        touched.navigate(page.url());
        assertThat(touched.locator("body[data-ready]")).isVisible();
        touched.locator("button:text-is('Draw its corners')").tap();
        assertThat(touched.locator(".plan-corner")).hasCount(4);
        for (int wall = 0; wall < 8; wall += 2) {
            touched.locator(".plan").scrollIntoViewIfNeeded();
            drag(touched, touched.locator("[data-put=wall] .plan-wall-middle").nth(wall), 12, 18);
            assertThat(touched.locator(".plan-corner")).hasCount(5 + wall / 2);
        }
        List<FloorCorner> before = plan().list(RecordKind.CORNER);
        drag(touched, touched.locator("[data-put=corner] .plan-corner").nth(0), 20, -14);
        assertThat(touched.locator("[data-step=undo]")).containsText("move corner");
        List<FloorCorner> after = plan().list(RecordKind.CORNER);
        assertThat(after).hasSize(8);
        assertThat(after.get(0).acrossM()).isGreaterThan(before.get(0).acrossM());
        assertThat(after.get(0).deepM()).isGreaterThan(before.get(0).deepM());
        assertThat(after.subList(1, 8)).isEqualTo(before.subList(1, 8));
    }

    @Test
    void a_picture_is_laid_under_it_and_made_straight_by_points_marked_on_the_plan() throws IOException {
        page.locator("[data-under]").setInputFiles(picture());
        assertThat(page.locator(".plan-underlay")).hasCount(1);
        Underlay laid = plan().<Underlay>list(RecordKind.UNDERLAY).get(0);
        assertThat(laid.wideM()).isEqualTo(6);
        page.locator("details.record")
                .filter(new Locator.FilterOptions().setHasText("Straighten"))
                .locator("summary")
                .click();
        Locator form = page.locator("[data-straighten]");
        form.locator("[data-mark]").click();
        BoundingBox box = page.locator(".plan-underlay").boundingBox();
        double[][] marks = {{0.1, 0.9}, {0.9, 0.9}, {0.7, 0.2}, {0.3, 0.2}};
        for (double[] mark : marks) {
            page.mouse().click(box.x + box.width * mark[0], box.y + box.height * mark[1]);
        }
        assertThat(form.locator("[name=points]")).hasValue(Pattern.compile("([-\\d.]+ [-\\d.]+(, )?){4}"));
        form.locator("[name=wide]").fill("6");
        form.locator("[name=deep]").fill("16 ft 5");
        form.locator("[type=submit]").click();
        assertThat(page.locator("details.record").filter(new Locator.FilterOptions().setHasText("Straighten")))
                .containsText("6 m wide, 5 m deep");
        assertThat(plan().<Underlay>list(RecordKind.UNDERLAY).get(0).still()).isNotEqualTo(laid.still());
        Accessible.check(page, "a plan with a picture under it");
        page.keyboard().press("u");
        assertThat(page.locator("details.record").filter(new Locator.FilterOptions().setHasText("Straighten")))
                .containsText("3 m deep");
    }

    private static FilePayload picture() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB), "png", png);
        return new FilePayload("floor.png", "image/png", png.toByteArray());
    }

    @Test
    void spots_are_dragged_to_where_they_lie_on_the_site_and_the_walk_follows() {
        page.locator(".ground-spots").getByText("Site").click();
        button("Put Hall on the site").click();
        assertThat(page.locator("[data-put=spot]")).hasCount(1);
        button("Put Yard on the site").click();
        assertThat(page.locator("#ground-panel")).containsText("Hall to Yard: ");
        Spot yard = plan().spots().get(1);
        BoundingBox box = page.locator("[data-put=spot]").nth(1).boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + 12);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 60, box.y + 62);
        page.mouse().move(box.x + box.width / 2 + 120, box.y + 112);
        page.mouse().up();
        assertThat(page.locator("#ground-list")).not().containsText("11 m east");
        assertThat(plan().spots().get(1).siteEastM().orElseThrow())
                .isGreaterThan(yard.siteEastM().orElseThrow() + 1);
        assertThat(plan().spots().get(1).siteNorthM().orElseThrow())
                .isLessThan(yard.siteNorthM().orElseThrow() - 1);
        Accessible.check(page, "the site");
    }

    @Test
    void the_plan_is_opened_on_the_phone_that_rolls() {
        put("table");
        page.navigate("/jobs/%s/roll/phone".formatted(jobId()));
        Locator plan = page.locator(".spot-plan");
        assertThat(plan.locator("summary")).hasText("Plan of Hall");
        plan.locator("summary").click();
        assertThat(plan.locator("svg")).isVisible();
        assertThat(plan.locator("svg")).containsText("table");
    }
}
