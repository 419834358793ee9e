package upshot.app.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to be taken away, named after its job. */
public final class Attachment {

    private Attachment() {}

    /**
     * @param job whose file it is
     * @param what the rest of its name, with the ending
     */
    public static ResponseEntity<byte[]> of(String job, String what, MediaType type, byte[] content) {
        ContentDisposition name = ContentDisposition.attachment()
                .filename("%s, %s".formatted(job, what), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(content);
    }
}
