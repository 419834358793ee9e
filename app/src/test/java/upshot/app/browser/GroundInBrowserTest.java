package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.core.SamplePlan;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Underlay;

/** The plan from above: by pointer, by keys, and by its list alone. */
@AppTest
class GroundInBrowserTest extends InBrowser {

    private Action action;
    private Shot shot;

    @BeforeEach
    void aRoomWithACamera() {
        SamplePlan sample = new SamplePlan();
        action = sample.action(one -> one.with("acrossM", Optional.of(3.0)).with("deepM", Optional.of(1.0)));
        shot = sample.shot(action, one -> one.with("bearingDeg", 0.0).with("focalLengthMm", 50.0));
        newJob(sample.build());
        stage(4);
    }

    private Locator stand() {
        return page.locator("[data-stand='%s']".formatted(shot.id()));
    }

    private Locator against() {
        return page.locator("#ground-panel .finding[data-rule=no-go]");
    }

    private Shot saved() {
        return plan().get(RecordKind.SHOT, shot.id());
    }

    private void put(String label) {
        page.getByLabel("Put here").selectOption(new SelectOption().setLabel(label));
        button("Put").click();
    }

    private void field(String name, String label, String value) {
        Locator record = page.locator("details.record", new Page.LocatorOptions().setHasText(name))
                .first();
        if (record.getAttribute("open") == null) {
            record.locator("summary").click();
        }
        Locator control = record.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
        control.fill(value);
        control.press("Enter");
    }

    @Test
    void a_camera_is_dragged_off_a_closed_part_and_its_finding_goes_and_comes_back_with_undo() {
        put("closed to cameras");
        double deep = Standpoint.of(plan(), saved()).orElseThrow().at().deepM();
        field(
                "closed to cameras",
                "Corners, across and deep in m",
                "2.4 %s, 3.6 %s, 3.6 %s, 2.4 %s".formatted(deep - 0.4, deep - 0.4, deep + 0.4, deep + 0.4));
        stand().click();
        assertThat(against()).hasCount(1);
        assertThat(against()).containsText("closed to cameras of Hall");
        Accessible.check(page, "the plan of a spot, a camera chosen");

        BoundingBox box = page.locator(".plan-stand .plan-hit").first().boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 3);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 3 + 40);
        page.mouse().move(box.x + box.width / 2 + 160, box.y + box.height / 3 + 60);
        assertThat(against()).hasCount(0);
        assertThat(saved().bearingDeg()).as("held, and not let go yet").isZero();
        page.mouse().up();
        assertThat(page.locator("[data-step=undo]")).containsText("move the camera");
        assertThat(against()).hasCount(0);
        assertThat(saved().bearingDeg()).isBetween(10.0, 90.0);

        page.keyboard().press("u");
        assertThat(against()).hasCount(1);
        assertThat(saved().bearingDeg()).isZero();
    }

    @Test
    void a_camera_is_turned_and_stepped_by_keys_alone() {
        stand().focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.locator("#ground-panel")).containsText("5°");
        assertThat(stand()).isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#ground-panel")).containsText("85 mm");
        assertThat(saved().focalLengthMm()).isEqualTo(85);
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#ground-panel")).containsText("50 mm");
        assertThat(saved().bearingDeg()).isEqualTo(5);
    }

    @Test
    void a_room_of_eight_corners_is_drawn_by_its_list_alone_and_by_keys_alone() {
        button("Draw its corners").press("Enter");
        for (int corner = 5; corner <= 8; corner++) {
            Locator last = page.locator("details.record")
                    .filter(new Locator.FilterOptions().setHasText("Corner " + (corner - 1)));
            if (last.getAttribute("open") == null) {
                last.locator("summary").press("Enter");
            }
            last.getByText("Another corner after it").press("Enter");
            assertThat(page.locator(".plan-corner")).hasCount(corner);
        }
        String[] across = {"0", "6", "6", "4", "4", "2", "2", "0"};
        String[] deep = {"0", "0", "5", "5", "4", "4", "5", "5"};
        for (int corner = 0; corner < across.length; corner++) {
            field("Corner " + (corner + 1), "Across", across[corner]);
            field("Corner " + (corner + 1), "Deep", deep[corner]);
        }
        assertThat(page.locator(".plan-floor")).hasAttribute("points", points(across, deep));
        Accessible.check(page, "the list of a plan");
    }

    private static String points(String[] across, String[] deep) {
        StringBuilder points = new StringBuilder();
        Outline.Corner[] corners = new Outline.Corner[across.length];
        for (int i = 0; i < across.length; i++) {
            corners[i] = new Outline.Corner(Double.parseDouble(across[i]), Double.parseDouble(deep[i]));
            points.append(i == 0 ? "" : " ")
                    .append("%.1f,%.1f".formatted(100 * corners[i].acrossM(), -100 * corners[i].deepM() + 0.0));
        }
        return points.toString().replace("-0.0", "0.0");
    }

    @Test
    void the_sun_moves_with_its_slider() {
        set(plan -> Change.batch(List.of(
                Change.set(plan.spots().get(0), "facingDeg", Optional.of(180.0)),
                Change.set(plan.spots().get(0), "outdoors", true),
                Change.set(plan.brief(), "coordinates", Optional.of(Coordinates.parse("52.63, 1.30"))),
                Change.set(plan.brief(), "shootDate", Optional.of(LocalDate.of(2026, 10, 9))),
                Change.set(plan.brief(), "zone", "Europe/London"))));
        page.reload();
        ready();
        page.getByLabel("Sun at").fill("720");
        assertThat(page.locator("#ground-plan")).containsText(Pattern.compile("Sun \\d+° up at 1[678]\\d°"));
        assertThat(page.locator(".plan-sun")).hasCount(1);
        page.getByLabel("Sun at").fill("60");
        assertThat(page.locator("#ground-plan")).containsText("The sun is down");
        assertThat(page.locator(".plan-sun")).hasCount(0);

        stand().click();
        Locator hours = page.locator(".ground-hours a").first();
        assertThat(hours).containsText(Pattern.compile("Sun .* \\d\\d:\\d\\d to \\d\\d:\\d\\d"));
        Accessible.check(page, "the hours of the sun over a plan");
        hours.click();
        assertThat(page.locator(".plan-sun")).hasCount(1);
        assertThat(page.locator("#ground-plan")).containsText("21 June: up 0");
        page.getByLabel("Day of the sun").fill("172");
        assertThat(page.locator("[data-sun-said=on]")).hasText("21 Jun");
    }

    @Test
    void lengths_are_typed_as_they_were_measured_and_what_was_paced_is_dashed() {
        button("Draw its corners").click();
        assertThat(page.locator(".plan-corner")).hasCount(4);
        field("Corner 2", "Across", "12 ft 6");
        assertThat(page.locator("#ground-list")).containsText("3.81 m across");
        field("Corner 2", "Deep", "40 cm");
        assertThat(page.locator("#ground-list")).containsText("3.81 m across, 0.4 m deep");
        page.getByLabel("A step of yours").fill("0.8");
        page.getByLabel("A step of yours").press("Tab");
        assertThat(page.locator(".plan-wall.is-paced")).hasCount(0);
        field("Corner 3", "Across", "10 steps");
        assertThat(page.locator("#ground-list")).containsText("8 m across");
        assertThat(page.locator(".plan-wall.is-paced")).hasCount(2);
        field("Corner 3", "Across", "a long way");
        assertThat(page.locator("#ground-list")).containsText("“a long way” is not a number.");
        assertThat(plan().list(RecordKind.CORNER).get(2).acrossM()).isEqualTo(8);
    }

    @Test
    void two_people_change_different_corners_and_both_land() {
        button("Draw its corners").click();
        assertThat(page.locator(".plan-corner")).hasCount(4);
        set(plan -> Change.set(plan.list(RecordKind.CORNER).get(1), "acrossM", 7.0));
        field("Corner 3", "Across", "8");
        assertThat(page.locator("#ground-list")).containsText("8 m across");
        assertThat(plan().list(RecordKind.CORNER))
                .extracting(FloorCorner::acrossM)
                .containsExactly(0.0, 7.0, 8.0, 0.0);
    }

    /** What a finger does: it comes down, moves in steps and is lifted. */
    private static void slide(Page touched, Locator what, double rightPx, double downPx) {
        BoundingBox box = what.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        CDPSession finger = touched.context().newCDPSession(touched);
        finger.send("Input.dispatchTouchEvent", touch("touchStart", x, y));
        for (int step = 1; step <= 4; step++) {
            finger.send("Input.dispatchTouchEvent", touch("touchMove", x + rightPx * step / 4, y + downPx * step / 4));
        }
        JsonObject up = new JsonObject();
        up.addProperty("type", "touchEnd");
        up.add("touchPoints", new JsonArray());
        finger.send("Input.dispatchTouchEvent", up);
        finger.detach();
    }

    private static JsonObject touch(String type, double x, double y) {
        JsonObject point = new JsonObject();
        point.addProperty("x", x);
        point.addProperty("y", y);
        JsonArray points = new JsonArray();
        points.add(point);
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        return event;
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
            slide(touched, touched.locator("[data-put=wall] .plan-wall-middle").nth(wall), 12, 18);
            assertThat(touched.locator(".plan-corner")).hasCount(5 + wall / 2);
        }
        List<FloorCorner> before = plan().list(RecordKind.CORNER);
        slide(touched, touched.locator("[data-put=corner] .plan-corner").nth(0), 20, -14);
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
