package upshot.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.account.Account;

/** What somebody does about accounts, in a browser. */
@AppTest
class AccountPathTest extends InBrowser {

    private static final String OTHER = "another-harbour-8";

    @Test
    void a_password_is_changed_and_the_other_browser_is_signed_out_with_what_was_typed_kept() {
        newJob("Two windows");
        String address = page.url();
        String email = people.account().email();
        Page there = another(false);
        signedIn(page, email);
        signedIn(there, email);
        page.navigate("/account");
        assertThat(page.getByRole(AriaRole.HEADING, named("Other browsers"))).isVisible();
        Accessible.check(page, "one's own account");
        page.getByLabel("Present password").fill("wrong one, surely");
        page.getByLabel("New password, 10 characters or more").fill(OTHER);
        button("Change it").click();
        assertThat(page.locator(".problem")).hasText("This is not your present password.");
        page.getByLabel("Present password").fill(People.PASSWORD);
        page.getByLabel("New password, 10 characters or more").fill(OTHER);
        button("Change it").click();
        assertThat(page.locator("main")).containsText("The password is changed; other browsers are signed out.");
        there.navigate("/jobs");
        assertThat(there).hasURL(Pattern.compile("/sign-in$"));
        assertThat(page).not().hasURL(address);
    }

    @Test
    void an_open_page_whose_session_was_ended_keeps_what_is_typed() {
        newJob("Kept");
        people.endSessions(planner());
        page.getByLabel("Who does what").fill("Potter throws a bowl");
        page.getByLabel("Who does what").press("Enter");
        assertThat(page.locator("#said")).containsText("You are signed out. Your edit is kept here");
        assertThat(page.getByLabel("Who does what")).hasValue("Potter throws a bowl");
        signedIn(page, planner().getUsername());
        button("Try again").click();
        assertThat(page.locator("#actions")).containsText("Potter throws a bowl");
    }

    @Test
    void after_signing_out_back_shows_nothing_of_a_job() {
        newJob("Secret promo");
        button("Sign out").click();
        assertThat(page).hasURL(Pattern.compile("/sign-in"));
        page.goBack();
        assertThat(page.locator("body")).not().containsText("Secret promo");
    }

    @Test
    void the_owner_gives_a_link_to_who_forgot_and_takes_an_account_away() {
        Account forgot = people.account();
        signIn("planner@saltmarsh.example", "saltmarsh-clay");
        page.getByRole(AriaRole.LINK, named("People")).click();
        var row = page.locator(".job-list > li", new Page.LocatorOptions().setHasText(forgot.email()));
        row.locator("button", new com.microsoft.playwright.Locator.LocatorOptions().setHasText("Forgot their password"))
                .click();
        String link = page.locator("[data-one-time-link]").innerText();
        Accessible.check(page, "people, with a link");
        Page there = another(false);
        there.navigate(link);
        assertThat(there.getByLabel("What stands behind the #")).hasValue(Pattern.compile("[0-9a-f]{48}"));
        Accessible.check(there, "choosing another password");
        there.getByLabel("New password").fill(OTHER);
        there.keyboard().press("Enter");
        assertThat(there.locator("main")).containsText("The password is changed");

        row.locator("summary").click();
        row.locator("button", new com.microsoft.playwright.Locator.LocatorOptions().setHasText("Take it away"))
                .click();
        assertThat(page.locator("main")).containsText("The account is gone.");
        assertThat(page.locator("main")).not().containsText(forgot.email());
    }
}
