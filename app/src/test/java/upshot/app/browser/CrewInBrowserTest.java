package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.lan.Lan;

/** A phone of the crew, from scanning its first code to being sent home: by HTTPS, under the machine's own name. */
class CrewInBrowserTest extends OnPhone {

    @Autowired
    private Lan lan;

    /** A browser to which the name is the loopback, and which trusts what stands in its own store alone. */
    private BrowserContext phone(Path folder) {
        return browser().openPhone(lan.name(), folder.resolve("home"), folder.resolve("profile"));
    }

    private void trust(Path folder) throws Exception {
        Path store = Files.createDirectories(folder.resolve("home/.pki/nssdb"));
        Path certificate = Path.of(System.getProperty("upshot.test.folder"), "lan", "authority.pem");
        for (List<String> step : List.of(
                List.of("-N", "--empty-password"),
                List.of("-A", "-n", "upshot", "-t", "C,,", "-i", certificate.toString()))) {
            List<String> command = new ArrayList<>(List.of("certutil", "-d", "sql:" + store));
            command.addAll(step);
            assertThat(new ProcessBuilder(command).inheritIO().start().waitFor())
                    .isZero();
        }
    }

    private String crewCode() {
        page.navigate("/jobs/%s/roll".formatted(jobId()));
        ready();
        button("Make a crew code").click();
        assertThat(page.locator("[data-new-code]")).isVisible();
        String code = page.locator("[data-join-code]").innerText().replace(" ", "");
        assertThat(page.locator("[data-join-address]")).hasText(lan.address() + "/crew");
        assertThat(page.locator("[data-join-here]")).isHidden();
        Accessible.check(page, "a crew code");
        button("Done").click();
        return code;
    }

    @Test
    void a_phone_that_does_not_trust_the_machine_is_told_how_and_one_that_does_goes_on(@TempDir Path folder)
            throws Exception {
        newJob("Trust");
        try (BrowserContext stranger = phone(folder)) {
            Page phone = stranger.pages().get(0);
            phone.navigate(lan.trustAddress());
            assertThat(phone.locator("[data-trusted=no]")).isVisible();
            assertThat(phone.locator(".fingerprint")).hasText(lan.fingerprint());
            Accessible.check(phone, "how to trust the machine");
            phone.navigate(lan.trustAddress().replace("/trust", "/jobs"));
            assertThat(phone).hasURL(lan.trustAddress());
            assertThat(catchThrowable(() -> phone.navigate(lan.address() + "/crew")))
                    .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
        }
        trust(folder);
        try (BrowserContext trusting = phone(folder)) {
            Page phone = trusting.pages().get(0);
            phone.navigate(lan.trustAddress());
            assertThat(phone.locator("[data-trusted=yes]")).isVisible();
            phone.getByText("Join the crew of a day").click();
            assertThat(phone).hasURL(lan.address() + "/crew");
        }
    }

    @Test
    void a_phone_comes_in_by_a_code_rolls_without_a_network_and_is_sent_home(@TempDir Path folder) throws Exception {
        dayOf(2);
        trust(folder);
        String code = crewCode();
        try (BrowserContext context = phone(folder)) {
            Page phone = context.pages().get(0);
            phone.navigate(lan.address() + "/crew#" + code);
            assertThat(phone).hasURL(lan.address() + "/crew");
            phone.getByLabel("Whose phone is this?").fill("camera B");
            phone.getByRole(AriaRole.BUTTON, named("Open Roll")).click();
            assertThat(phone).hasURL(Pattern.compile("https://.*/roll/phone$"));
            assertThat(phone.locator("body[data-ready=true]")).isVisible();
            phone.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
            press(phone, "primary", "rolling");
            assertThat(phone.locator("#outbox")).containsText("All sent");
            assertThat(logged()).hasSize(1);

            context.setOffline(true);
            press(phone, "primary", "review");
            kept(phone);
            assertThat(page.locator(".roll-crew")).containsText("camera B");
            page.onceDialog(dialog -> dialog.accept());
            button("Take back: camera B").click();
            assertThat(page.locator(".roll-crew")).containsText("taken back");
            press(phone, "primary", "ready");
            context.setOffline(false);

            assertThat(phone).hasURL(lan.address() + "/crew?sent");
            assertThat((Boolean) phone.evaluate("async () => (await indexedDB.databases()).length === 0"
                            + " && (await caches.keys()).length === 0"))
                    .as("nothing is left on the phone")
                    .isTrue();
        }
        assertThat(logged()).hasSize(1);
        page.reload();
        ready();
        assertThat(page.locator(".roll-crew")).containsText("2 entries came since and are not in the log.");
        button("Take them in").click();
        assertThat(page.locator(".roll-crew")).not().containsText("came since");
        assertThat(logged()).hasSize(3);
    }
}
