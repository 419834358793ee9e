package upshot.app.browser;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** A finger that drags: Playwright only taps, so that the browser is told of the touches itself. */
final class Finger {

    private static final int STEPS = 8;

    private static final int RESTS_MS = 250;
    /** A tap right after a drag belongs to it, as the browser sees it, and is no click. */
    private static final int LIFTED_MS = 1000;

    private Finger() {}

    /** From the middle of something to a place of the window. */
    static void drag(Page page, Locator from, double toX, double toY) {
        BoundingBox start = from.boundingBox();
        double x = start.x + start.width / 2;
        double y = start.y + start.height / 2;
        CDPSession session = page.context().newCDPSession(page);
        touch(session, "touchStart", x, y);
        for (int step = 1; step <= STEPS; step++) {
            touch(session, "touchMove", x + (toX - x) * step / STEPS, y + (toY - y) * step / STEPS);
        }
        // On a busy machine the browser passes only some of the moves on; a finger rests where it lets go.
        page.waitForTimeout(RESTS_MS);
        touch(session, "touchMove", toX, toY + 1);
        page.waitForTimeout(RESTS_MS);
        touch(session, "touchEnd", x, y);
        page.waitForTimeout(LIFTED_MS);
    }

    private static void touch(CDPSession session, String type, double x, double y) {
        JsonArray points = new JsonArray();
        if (!type.equals("touchEnd")) {
            JsonObject point = new JsonObject();
            point.addProperty("x", x);
            point.addProperty("y", y);
            points.add(point);
        }
        JsonObject arguments = new JsonObject();
        arguments.addProperty("type", type);
        arguments.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", arguments);
    }
}
