package upshot.app.crew;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import upshot.app.account.Tries;
import upshot.app.account.TypedCode;
import upshot.app.account.Whence;
import upshot.app.job.EditRefused;

/**
 * Where a phone comes in with a crew code. It stands behind the # of the address, which browsers send to nobody; a script
 * puts it into the form, and it can be typed too.
 */
@Controller
class CrewController {

    static final String PATH = "/crew";

    private static final String PAGE = "crew/join";
    private static final int LONGEST_NAME = 40;
    /** A whole crew may come in behind one address at once. */
    private static final int FREE_TRIES = 20;

    /** Longer than the key is good for: it must outlive the day by what is still taken. */
    private static final Duration KEPT = Duration.ofDays(400);

    private final Crew crew;
    private final Tries tries;

    CrewController(Crew crew, Tries tries) {
        this.crew = crew;
        this.tries = tries;
    }

    /** What the page asks for. */
    record JoinForm(String code, String name) {

        JoinForm {
            code = code == null ? "" : code.strip();
            name = name == null ? "" : name.strip();
        }
    }

    @GetMapping(PATH)
    String show(Model model) {
        model.addAttribute("form", new JoinForm("", ""));
        return PAGE;
    }

    @PostMapping(PATH)
    String join(
            @ModelAttribute("form") JoinForm form,
            BindingResult errors,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (TypedCode.plain(form.code()).isEmpty()) {
            errors.rejectValue("code", "code", "Type the code that the desk shows, 12 letters and figures.");
        }
        if (form.name().isEmpty() || form.name().length() > LONGEST_NAME) {
            errors.rejectValue(
                    "name", "name", "Say whose phone this is, in at most %d characters.".formatted(LONGEST_NAME));
        }
        if (errors.hasErrors()) {
            return PAGE;
        }
        String subject = "crew:" + Whence.home(request);
        Optional<Duration> wait = tries.count(subject, FREE_TRIES);
        if (wait.isPresent()) {
            long seconds = wait.get().plusMillis(999).toSeconds();
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
            errors.rejectValue("code", "code", "Too many tries. Wait %d s, then try again.".formatted(seconds));
            return PAGE;
        }
        return admitted(form, errors)
                .map(phone -> {
                    tries.forgive(subject);
                    response.addHeader(HttpHeaders.SET_COOKIE, cookie(phone, request.isSecure()));
                    return "redirect:/jobs/%s/roll/phone".formatted(phone.jobId());
                })
                .orElse(PAGE);
    }

    private Optional<Crew.Admitted> admitted(JoinForm form, BindingResult errors) {
        try {
            Optional<Crew.Admitted> phone = crew.admit(form.code(), form.name());
            if (phone.isEmpty()) {
                errors.rejectValue(
                        "code", "code", "This code lets nobody in: it is mistyped, was replaced, or its day is over.");
            }
            return phone;
        } catch (EditRefused full) {
            errors.rejectValue("code", "code", full.getMessage());
            return Optional.empty();
        }
    }

    private static String cookie(Crew.Admitted phone, boolean secure) {
        return ResponseCookie.from(CrewSecurity.COOKIE, phone.key())
                .httpOnly(true)
                .secure(secure)
                .sameSite("Strict")
                .path(roll(phone.jobId()))
                .maxAge(KEPT)
                .build()
                .toString();
    }

    private static String roll(UUID jobId) {
        return "/jobs/%s/roll/".formatted(jobId);
    }
}
