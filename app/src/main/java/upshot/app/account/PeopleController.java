package upshot.app.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where the owner makes accounts for others, so that jobs can be shared with them. */
@Controller
class PeopleController {

    private static final String PAGE = "account/people";

    private final Accounts accounts;
    private final OneTimeLinks links;
    private final Leaving leaving;

    PeopleController(Accounts accounts, OneTimeLinks links, Leaving leaving) {
        this.accounts = accounts;
        this.links = links;
        this.leaving = leaving;
    }

    /** What the page asks for; the password is never put back into the page. */
    record NewPersonForm(
            @ShownName @Size(max = 80, message = "80 characters at most.")
            String displayName,

            @NotBlank(message = "Type an address to sign in with.")
            @Email(message = "This is no e-mail address.")
            @Size(max = 200, message = "200 characters at most.")
            String email,

            @GoodPassword String password) {}

    @GetMapping("/people")
    String show(@AuthenticationPrincipal SignedIn who, Model model) {
        ownerOnly(who);
        model.addAttribute("form", new NewPersonForm("", "", ""));
        model.addAttribute("people", accounts.all());
        model.addAttribute("ownerHere", true);
        return PAGE;
    }

    @PostMapping("/people")
    String add(
            @AuthenticationPrincipal SignedIn who,
            @Valid @ModelAttribute("form") NewPersonForm form,
            BindingResult errors,
            Model model) {
        ownerOnly(who);
        if (!errors.hasErrors() && accounts.find(form.email()).isPresent()) {
            errors.rejectValue("email", "taken", "Somebody signs in with this address already.");
        }
        if (errors.hasErrors()) {
            model.addAttribute("people", accounts.all());
            model.addAttribute("ownerHere", true);
            return PAGE;
        }
        accounts.create(form.email(), form.displayName(), form.password());
        return "redirect:/people";
    }

    /** A link for somebody who forgot their password; it is shown this once. */
    @PostMapping("/people/{accountId}/link")
    String link(@AuthenticationPrincipal SignedIn who, @PathVariable UUID accountId, Model model) {
        ownerOnly(who);
        Account person = person(accountId);
        model.addAttribute("form", new NewPersonForm("", "", ""));
        model.addAttribute("people", accounts.all());
        model.addAttribute("ownerHere", true);
        model.addAttribute("linkFor", person.displayName());
        model.addAttribute(
                "link",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path(NewPasswordController.PATH)
                        .fragment(links.make(accountId))
                        .toUriString());
        return PAGE;
    }

    @PostMapping("/people/{accountId}/remove")
    String remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID accountId) {
        ownerOnly(who);
        if (person(accountId).isOwner()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        leaving.leave(accountId);
        return "redirect:/people?removed";
    }

    private Account person(UUID accountId) {
        return accounts.find(accountId)
                .filter(account -> !account.left())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private void ownerOnly(SignedIn who) {
        if (!accounts.isOwner(who)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }
}
