package upshot.app.account;

import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** The pages before one is signed in. */
@Controller
class SignInController {

    private static final String FIRST_PAGE = "account/first";

    private final Accounts accounts;
    private final FirstCode code;
    private final Optional<ShownAccount> shown;

    SignInController(Accounts accounts, FirstCode code, Optional<ShownAccount> shown) {
        this.accounts = accounts;
        this.code = code;
        this.shown = shown;
    }

    @GetMapping("/")
    String home() {
        return "redirect:/jobs";
    }

    @GetMapping(SignInGuard.SIGN_IN)
    String signIn(@AuthenticationPrincipal SignedIn who, Model model) {
        if (who != null) {
            return "redirect:/jobs";
        }
        if (!accounts.any()) {
            return "redirect:/first";
        }
        model.addAttribute("shown", shown.orElse(null));
        return SignInGuard.PAGE;
    }

    @GetMapping("/first")
    String first(Model model) {
        refuseWhenTaken();
        model.addAttribute("form", FirstOwnerForm.empty());
        return FIRST_PAGE;
    }

    @PostMapping("/first")
    String makeFirst(@Valid @ModelAttribute("form") FirstOwnerForm form, BindingResult errors) {
        refuseWhenTaken();
        if (!errors.hasErrors() && !code.matches(form.code())) {
            errors.rejectValue("code", "code", "This is not the code from the console.");
        }
        if (errors.hasErrors()) {
            return FIRST_PAGE;
        }
        try {
            accounts.createOwner(form.email(), form.displayName(), form.password());
        } catch (DataIntegrityViolationException taken) {
            // Two forms at once: the other one was first.
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return "redirect:/sign-in?made";
    }

    private void refuseWhenTaken() {
        if (accounts.any()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }
}
