package upshot.app.account;

import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Somebody's own account: another password, an end to other sessions, and going away. */
@Controller
class MyAccountController {

    private static final String PAGE = "account/mine";
    private static final String HERE = "redirect:/account?said=";

    private final Accounts accounts;
    private final OpenSessions sessions;
    private final KnownDevices devices;
    private final Leaving leaving;
    private final Tries tries;
    private final SignInSettings settings;

    MyAccountController(
            Accounts accounts,
            OpenSessions sessions,
            KnownDevices devices,
            Leaving leaving,
            Tries tries,
            SignInSettings settings) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.devices = devices;
        this.leaving = leaving;
        this.tries = tries;
        this.settings = settings;
    }

    /** What changing the password asks for; neither is ever put back into the page. */
    record PasswordForm(String present, @GoodPassword String password) {}

    @GetMapping("/account")
    String show(@AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String said, Model model) {
        model.addAttribute("form", new PasswordForm("", ""));
        model.addAttribute("said", said);
        return page(who, model);
    }

    private String page(SignedIn who, Model model) {
        model.addAttribute("email", who.getUsername());
        model.addAttribute("name", who.displayName());
        model.addAttribute("ownerHere", accounts.isOwner(who));
        model.addAttribute("others", Math.max(0, sessions.count(who.getUsername()) - 1));
        return PAGE;
    }

    @PostMapping("/account/password")
    String change(
            @AuthenticationPrincipal SignedIn who,
            @Valid @ModelAttribute("form") PasswordForm form,
            BindingResult errors,
            HttpSession session,
            Model model) {
        refused(who, form.present()).ifPresent(why -> errors.rejectValue("present", "present", why));
        if (errors.hasErrors()) {
            return page(who, model);
        }
        accounts.changePassword(who.id(), form.password());
        sessions.endOthers(who.getUsername(), session.getId());
        devices.forget(who.id());
        return HERE + "password";
    }

    @PostMapping("/account/sessions/end")
    String endOthers(@AuthenticationPrincipal SignedIn who, HttpSession session) {
        sessions.endOthers(who.getUsername(), session.getId());
        devices.forget(who.id());
        return HERE + "sessions";
    }

    @PostMapping("/account/leave")
    String leave(@AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String password, Model model) {
        Optional<String> why = accounts.isOwner(who)
                ? Optional.of("The owner's account stays as long as the installation.")
                : refused(who, password);
        if (why.isPresent()) {
            model.addAttribute("form", new PasswordForm("", ""));
            model.addAttribute("leaveProblem", why.get());
            return page(who, model);
        }
        leaving.leave(who.id());
        return "redirect:/sign-in?left";
    }

    /** Why a password does not prove who somebody is; tries are counted here as they are at the door. */
    private Optional<String> refused(SignedIn who, String password) {
        String subject = "account|" + who.id();
        return tries.count(subject, settings.freeTries())
                .map(wait -> "Too many tries. Wait %d s.".formatted(Math.max(1, wait.toSeconds())))
                .or(() -> {
                    if (accounts.proves(who.id(), password == null ? "" : password)) {
                        tries.forgive(subject);
                        return Optional.empty();
                    }
                    return Optional.of("This is not your present password.");
                });
    }
}
