package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;
import upshot.app.account.Account;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.Gesture;
import upshot.app.job.NewJobs;
import upshot.app.job.Proposal;
import upshot.app.store.PlanStore;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.Size;

/** A window on the running application for each test, with what a planner does everywhere. */
@AppTest
abstract class InBrowser {

    /** One for all tests of a process; it ends with it. */
    private static final Browser BROWSER = new Browser();

    @LocalServerPort
    private int port;

    @Autowired
    People people;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private Edits edits;

    @Autowired
    private List<Gesture> gestures;

    @Autowired
    private PlanStore plans;

    /** Whose job is open, and which. */
    private SignedIn planner;

    private UUID jobId;

    private final List<Browser.Window> others = new ArrayList<>();
    private Browser.Window window;
    Page page;

    @BeforeEach
    void openWindow() {
        window = BROWSER.open("http://localhost:" + port);
        page = window.page();
    }

    /** A second window, for somebody else or for a finger; it is closed with the test. */
    final Page another(boolean touch) {
        String address = "http://localhost:" + port;
        Browser.Window opened = touch ? BROWSER.openForTouch(address) : BROWSER.open(address);
        others.add(opened);
        return opened.page();
    }

    final Browser browser() {
        return BROWSER;
    }

    /** A window on a machine that is set to another zone. */
    final Page elsewhere(String zone) {
        Browser.Window opened = BROWSER.open("http://localhost:" + port, zone);
        others.add(opened);
        return opened.page();
    }

    /** A browser of its own that keeps what it has in a folder. */
    final BrowserContext profile(Path folder) {
        return BROWSER.openProfile("http://localhost:" + port, folder);
    }

    /** A file that was downloaded, opened without a network. */
    final Page offline(Path file) {
        Browser.Window opened = BROWSER.openOffline(file);
        others.add(opened);
        return opened.page();
    }

    /** Drags from the middle of something by so many pixels, with a mouse. */
    final void drag(Locator from, double right, double down) {
        from.scrollIntoViewIfNeeded();
        BoundingBox box = from.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + right / 2, y + down / 2);
        page.mouse().move(x + right, y + down);
        page.mouse().up();
    }

    @AfterEach
    void nothingWentWrong() {
        for (Browser.Window other : others) {
            assertThat(other.complaints()).isEmpty();
            other.close();
        }
        assertThat(window.complaints()).isEmpty();
        window.close();
    }

    /** The browser itself complains of answers that are lost on purpose. */
    final void expectComplaints(String words) {
        window.complaints().removeIf(complaint -> complaint.contains(words));
    }

    /** The same of every window. */
    final void expectComplaintsOfAll(String words) {
        expectComplaints(words);
        others.forEach(other -> other.complaints().removeIf(complaint -> complaint.contains(words)));
    }

    final UUID jobId() {
        return jobId;
    }

    final Plan plan() {
        return plans.load(jobId);
    }

    final SignedIn planner() {
        return planner;
    }

    final void signIn(String email, String password) {
        signIn(page, email, password);
    }

    static void signIn(Page page, String email, String password) {
        page.navigate("/");
        page.getByLabel("Address").fill(email);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
        assertThat(page).hasURL(Pattern.compile("/jobs$"));
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    final Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name));
    }

    /** A job of one's own, made at the server and opened here: by hand is done what a test is about. */
    final void newJob(String name) {
        open(owner -> newJobs.create(owner, name));
    }

    /** A job of one's own that is planned already. */
    final void newJob(Plan plan) {
        open(owner -> newJobs.create(owner, plan));
    }

    private void open(Function<SignedIn, UUID> made) {
        Account account = people.account();
        planner = new SignedIn(account);
        jobId = made.apply(planner);
        signedIn(page, account.email());
        page.navigate("/jobs/%s/brief".formatted(jobId));
        ready();
    }

    /** The page listens: what is pressed on one that is still being fetched is lost. */
    final void ready() {
        assertThat(page.locator("body[data-ready]")).isVisible();
    }

    /** Signed in without the sign-in page, which has tests of its own. */
    final void signedIn(Page page, String email) {
        try {
            List<Cookie> cookies = new Web(port)
                    .signIn(email, People.PASSWORD).cookies().getCookieStore().getCookies().stream()
                            .map(one -> new Cookie(one.getName(), one.getValue()).setUrl("http://localhost:" + port))
                            .toList();
            page.context().addCookies(cookies);
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** A gesture of the planner's, made at the server; the page shows it when it is opened next. */
    final void made(String gesture, Map<String, String> arguments) {
        Gesture named = gestures.stream()
                .filter(one -> one.name().equals(gesture))
                .findFirst()
                .orElseThrow();
        edits.edit(jobId, planner, context -> named.propose(context, arguments));
    }

    /** A change of the planner's, made at the server. */
    final void set(Function<Plan, Change> change) {
        edits.edit(jobId, planner, context -> Proposal.of("set up", change.apply(context.plan())));
    }

    /** A line of the talk, written down at the server. */
    final void happens(String line, String beat) {
        Plan plan = plans.load(jobId);
        String beatId = plan.beats().stream()
                .filter(one -> one.name().equals(beat))
                .map(one -> one.id().toString())
                .findFirst()
                .orElseThrow();
        made(
                "add-line",
                Map.of(
                        "line",
                        line,
                        "beatId",
                        beatId,
                        "spotId",
                        plan.spots().get(0).id().toString()));
    }

    /** A full, a medium and a close-up of each action, the first of all pushing in. */
    final void threeOfEach() {
        set(plan -> {
            List<Change> shots = new ArrayList<>();
            for (Action action : plan.actions()) {
                shots.add(shot(plan, action, shots.size(), Size.FULL, 60, 24));
                shots.add(shot(plan, action, shots.size(), Size.MEDIUM, 30, 50));
                shots.add(shot(plan, action, shots.size(), Size.CLOSE_UP, 90, 70));
            }
            return Change.batch(shots);
        });
    }

    private static Change shot(Plan plan, Action action, int rank, Size size, double bearingDeg, double lensMm) {
        Shot shot = Shot.draft(
                        UUID.randomUUID(),
                        action.id(),
                        action.codePrefix() + (rank % 3 + 1),
                        plan.brief().rate())
                .withRank(rank)
                .withSize(size)
                .withBearingDeg(bearingDeg)
                .withFocalLengthMm(lensMm);
        return new Change.Add(
                rank > 0
                        ? shot
                        : shot.withSupport(Support.GIMBAL)
                                .withMove(Move.PUSH)
                                .withMoveM(0.8)
                                .withReason(MoveReason.REVEALS));
    }

    final void stage(int digit) {
        page.keyboard().press("Escape");
        page.keyboard().press(Integer.toString(digit));
        assertThat(page.locator(".lane a[data-digit='" + digit + "']")).hasAttribute("aria-current", "page");
        ready();
    }

    /** Types one line of the talk; empty facts say nothing. */
    final void action(String line, String beat) {
        page.getByLabel("Beat").first().selectOption(new SelectOption().setLabel(beat));
        page.getByLabel("Who does what").fill(line);
        page.getByLabel("Who does what").press("Enter");
        assertThat(page.getByLabel("Who does what")).hasValue("");
    }

    /** Opens one of the blocks of the Brief. */
    final Locator block(String id) {
        Locator block = page.locator("#block-" + id);
        block.locator(".block-open").click();
        assertThat(block.locator(".block-open")).hasText("Close");
        return block;
    }

    final Locator gauge(String name) {
        return page.locator("#gauges li", new Page.LocatorOptions().setHasText(name))
                .locator(".gauge-figure");
    }
}
