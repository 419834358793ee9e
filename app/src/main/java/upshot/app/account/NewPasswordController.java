package upshot.app.account;

import jakarta.validation.Valid;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/**
 * Where somebody with a one-time link chooses another password. The link's secret stands behind the # of the address, which
 * browsers send to nobody; a script puts it into the form, and it can be typed too.
 */
@Controller
class NewPasswordController {

    static final String PATH = "/new-password";

    private static final String PAGE = "account/new-password";

    private final Accounts accounts;
    private final OneTimeLinks links;
    private final OpenSessions sessions;
    private final KnownDevices devices;

    NewPasswordController(Accounts accounts, OneTimeLinks links, OpenSessions sessions, KnownDevices devices) {
        this.accounts = accounts;
        this.links = links;
        this.sessions = sessions;
        this.devices = devices;
    }

    /** What the page asks for; the password is never put back into the page. */
    record NewPasswordForm(String code, @GoodPassword String password) {}

    @GetMapping(PATH)
    String show(Model model) {
        model.addAttribute("form", new NewPasswordForm("", ""));
        return PAGE;
    }

    @PostMapping(PATH)
    String choose(@Valid @ModelAttribute("form") NewPasswordForm form, BindingResult errors) {
        if (errors.hasErrors()) {
            return PAGE;
        }
        String code = form.code() == null ? "" : form.code().strip();
        Optional<UUID> whose = links.use(code);
        if (whose.isEmpty()) {
            errors.rejectValue("code", "code", "This link was used, or is older than a day. Ask for another.");
            return PAGE;
        }
        accounts.changePassword(whose.get(), form.password());
        accounts.find(whose.get()).ifPresent(account -> sessions.endAll(account.email()));
        devices.forget(whose.get());
        return "redirect:/sign-in?changed";
    }
}
