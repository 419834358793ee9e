package upshot.app.lan;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.account.AnswerHeaders;

/** How a phone comes to trust this machine, whether it does, and how to take that back. */
@Controller
@OnLan
class TrustController {

    private final Lan lan;

    TrustController(Lan lan) {
        this.lan = lan;
    }

    @GetMapping("/trust")
    String page(Model model, HttpServletRequest request, HttpServletResponse response) {
        String address = lan.addressFor(request.getServerName());
        // It looks whether the encrypted door opens without a warning, and asks nothing of anybody else.
        response.setHeader("Content-Security-Policy", AnswerHeaders.POLICY + "; connect-src " + address);
        model.addAttribute("address", address);
        model.addAttribute("lan", lan);
        return "lan/trust";
    }

    @GetMapping("/trust/authority.crt")
    ResponseEntity<byte[]> certificate() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("%s.crt".formatted(lan.name()))
                                .build()
                                .toString())
                .body(lan.certificate());
    }

    /** Answers on the encrypted door, for the page to know that a phone trusts it. */
    @GetMapping("/trust/ok")
    ResponseEntity<Void> trusted() {
        return ResponseEntity.noContent().cacheControl(CacheControl.noStore()).build();
    }
}
