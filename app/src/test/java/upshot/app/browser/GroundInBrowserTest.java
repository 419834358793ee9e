package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.RecordKind;

/** The plan from above at the desk: by pointer, by keys, and by its list alone. */
@AppTest
class GroundInBrowserTest extends OnGround {

    private Locator against() {
        return page.locator("#ground-panel .finding[data-rule=no-go]");
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
}
