package upshot.app.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** Where the owner makes accounts for others, so that jobs can be shared with them. */
@Controller
class PeopleController {

    private static final String PAGE = "account/people";

    private final Accounts accounts;

    PeopleController(Accounts accounts) {
        this.accounts = accounts;
    }

    /** What the page asks for; the password is never put back into the page. */
    record NewPersonForm(
            @NotBlank(message = "Type their name.") @Size(max = 80, message = "80 characters at most.")
            String displayName,

            @NotBlank(message = "Type an address to sign in with.")
            @Email(message = "This is no e-mail address.")
            @Size(max = 200, message = "200 characters at most.")
            String email,

            @Size(min = 10, max = 200, message = "Use 10 characters or more.")
            String password) {}

    @GetMapping("/people")
    String show(@AuthenticationPrincipal SignedIn who, Model model) {
        ownerOnly(who);
        model.addAttribute("form", new NewPersonForm("", "", ""));
        model.addAttribute("people", accounts.all());
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
            return PAGE;
        }
        accounts.create(form.email(), form.displayName(), form.password());
        return "redirect:/people";
    }

    private void ownerOnly(SignedIn who) {
        if (!accounts.isOwner(who)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }
}
