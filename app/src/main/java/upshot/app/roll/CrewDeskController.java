package upshot.app.roll;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import upshot.app.account.SignedIn;
import upshot.app.crew.Crew;
import upshot.app.job.Answer;
import upshot.app.job.EditRefused;
import upshot.app.job.StageAnswers;
import upshot.app.lan.Lan;
import upshot.app.store.Job;
import upshot.app.web.Qr;

/** What is done at the desk about phones of the crew. */
@RestController
class CrewDeskController {

    private final Crew crew;
    private final ApartStore apart;
    private final StageAnswers answers;
    private final Optional<Lan> lan;

    CrewDeskController(Crew crew, ApartStore apart, StageAnswers answers, Optional<Lan> lan) {
        this.crew = crew;
        this.apart = apart;
        this.answers = answers;
        this.lan = lan;
    }

    /**
     * What a page posts.
     *
     * @param phone which one it is about, null for none
     * @param take whether what waits becomes a part of the log
     */
    record Sent(Map<String, String> parameters, String phone, boolean take) {}

    /**
     * A code that was just made; it is not said again.
     *
     * @param shown in threes, to be typed
     * @param address with the code behind its #, which no server gets to see
     * @param byNumber where the name is not found
     * @param here whether that address is good on this machine only
     */
    record Code(String shown, String address, List<String> byNumber, Qr qr, boolean here) {}

    @PostMapping("/jobs/{jobId}/roll/crew/code")
    Code makeCode(Job job, @AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        String code = crew.makeCode(job, who);
        String base = lan.map(Lan::address).orElseGet(() -> asked(request));
        String host = URI.create(base).getHost();
        String address = "%s/crew#%s".formatted(base, code);
        return new Code(
                code.replaceAll("(...)(?=.)", "$1 "),
                address,
                lan.map(Lan::addressesByNumber).orElse(List.of()).stream()
                        .map(one -> one + "/crew")
                        .toList(),
                Qr.of(address),
                host == null || host.equals("localhost") || host.startsWith("127."));
    }

    /** The address by which this page was asked for. */
    private static String asked(HttpServletRequest request) {
        String whole = request.getRequestURL().toString();
        return whole.substring(0, whole.length() - request.getRequestURI().length());
    }

    @PostMapping("/jobs/{jobId}/roll/crew/close")
    Answer close(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        crew.takeCodeBack(job.id());
        return answer(job, who, sent, "The code lets nobody in any more");
    }

    @PostMapping("/jobs/{jobId}/roll/crew/take-back")
    Answer takeBack(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        crew.takeBack(job.id(), phone(sent));
        return answer(job, who, sent, "Taken back: the phone sees nothing from its next contact on");
    }

    @PostMapping("/jobs/{jobId}/roll/crew/apart")
    Answer settle(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        apart.settle(job.id(), phone(sent), sent.take());
        return answer(job, who, sent, sent.take() ? "Its entries are in the log" : "Its entries are thrown away");
    }

    private static UUID phone(Sent sent) {
        try {
            return UUID.fromString(String.valueOf(sent.phone()));
        } catch (IllegalArgumentException notAnId) {
            throw new EditRefused("There is no such phone.");
        }
    }

    private Answer answer(Job job, SignedIn who, Sent sent, String done) {
        return answers.of(job, who, "roll", sent.parameters() == null ? Map.of() : sent.parameters(), done);
    }
}
