package upshot.app.coverage;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.job.EditRefused;
import upshot.app.store.Job;
import upshot.app.store.Stills;
import upshot.app.web.FileReading;
import upshot.exchange.still.Still;
import upshot.exchange.text.Unreadable;

/** Takes reference pictures in and gives them out; which shot one belongs to is an edit like any other. */
@RestController
class StillController {

    private final Stills stills;
    private final FileReading files;

    StillController(Stills stills, FileReading files) {
        this.stills = stills;
        this.files = files;
    }

    @PostMapping("/jobs/{jobId}/stills")
    Map<String, String> take(Job job, @RequestParam(required = false) MultipartFile file) throws IOException {
        if (file == null) {
            throw new EditRefused("Choose a picture first.");
        }
        if (stills.full(job.id())) {
            throw new EditRefused("This job holds %d pictures already; that is the most.".formatted(Stills.MOST));
        }
        try {
            Still still = files.read(() -> Still.read(file.getBytes()));
            stills.keep(job.id(), still);
            return Map.of("hash", still.hash(), "ratio", "" + (double) still.widthPx() / still.heightPx());
        } catch (Unreadable reason) {
            throw new EditRefused(reason.getMessage());
        }
    }

    /** A picture never changes under its hash, so that a browser may keep it; nobody in between may. */
    @GetMapping("/jobs/{jobId}/stills/{hash}")
    ResponseEntity<byte[]> picture(Job job, @PathVariable String hash) {
        byte[] jpeg = stills.find(job.id(), hash).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(1)).cachePrivate().immutable())
                .body(jpeg);
    }
}
