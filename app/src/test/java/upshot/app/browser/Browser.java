package upshot.app.browser;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One Chromium for all browser tests; each test opens a window of its own and may look at what went wrong in it. */
final class Browser {

    private static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** What is awaited comes or does not: how fast is for the benchmarks, and a busy machine is no fault of the page. */
    private static final double PATIENT_MS = 20_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENT_MS);
    }

    private final Playwright playwright = Playwright.create();
    private final com.microsoft.playwright.Browser chromium = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(CHROMIUM)
                    .setHeadless(true)
                    .setArgs(QUIET));

    Browser() {
        // A process of Playwright's own does not end by itself.
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    }

    /** A window with its own cookies, as large as a small laptop's, and what its page complained about. */
    Window open(String address) {
        return open(address, new NewContextOptions().setViewportSize(1280, 800));
    }

    /** A window on a tablet: touched, not pointed at. */
    Window openForTouch(String address) {
        return open(address, new NewContextOptions().setViewportSize(1180, 820).setHasTouch(true));
    }

    /** A file on a machine without a network. */
    Window openOffline(Path file) {
        Window window = open(
                "file://", new NewContextOptions().setViewportSize(1280, 800).setOffline(true));
        window.page().navigate(file.toUri().toString());
        return window;
    }

    /** A browser of its own that keeps what it has in a folder, as a phone does; it can be killed. */
    BrowserContext openProfile(String address, Path profile) {
        return playwright
                .chromium()
                .launchPersistentContext(
                        profile,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(CHROMIUM)
                                .setHeadless(true)
                                .setArgs(QUIET)
                                .setViewportSize(390, 844)
                                .setBaseURL(address));
    }

    /** A phone on the local network: a name leads to this machine, and its home says what it trusts. */
    BrowserContext openPhone(String name, Path home, Path profile) {
        Map<String, String> surroundings = new HashMap<>(System.getenv());
        surroundings.put("HOME", home.toString());
        List<String> arguments = new ArrayList<>(QUIET);
        arguments.add("--host-resolver-rules=MAP %s 127.0.0.1".formatted(name));
        return playwright
                .chromium()
                .launchPersistentContext(
                        profile,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(CHROMIUM)
                                .setHeadless(true)
                                .setEnv(surroundings)
                                .setArgs(arguments)
                                .setViewportSize(390, 844));
    }

    /** Ends it as a flat battery would: all of its processes at once, by their ids. */
    static void kill(Path profile) {
        ProcessHandle.allProcesses()
                .filter(one -> one.info()
                        .commandLine()
                        .filter(line -> line.contains("--user-data-dir=" + profile))
                        .isPresent())
                .forEach(ProcessHandle::destroyForcibly);
    }

    /** The same on a machine that is set to another zone. */
    Window open(String address, String zone) {
        return open(address, zone, new NewContextOptions().setViewportSize(1280, 800));
    }

    private Window open(String address, NewContextOptions options) {
        return open(address, "Europe/London", options);
    }

    private Window open(String address, String zone, NewContextOptions options) {
        BrowserContext context = chromium.newContext(options.setBaseURL(address).setTimezoneId(zone));
        Page page = context.newPage();
        List<String> complaints = new ArrayList<>();
        page.onConsoleMessage(message -> {
            // A refused edit is an answer with an error status, which Chromium also writes to the console.
            boolean refusedEdit = message.text().contains("status of 4");
            if (message.type().equals("error") && !refusedEdit) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        page.onRequest(request -> {
            // A file that was chosen here is at hand under an address of this page's own.
            if (!request.url().startsWith(address) && !request.url().startsWith("blob:" + address)) {
                complaints.add("asked another host: " + request.url());
            }
        });
        return new Window(context, page, complaints);
    }

    /** A window and what its page complained about. */
    record Window(BrowserContext context, Page page, List<String> complaints) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }
}
