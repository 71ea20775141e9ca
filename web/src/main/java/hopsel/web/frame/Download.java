package hopsel.web.frame;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

import java.nio.charset.StandardCharsets;

/** A file that a browser keeps instead of showing it. */
public final class Download {

    private Download() {}

    /** Text of a kind, such as {@code csv}. */
    public static ResponseEntity<byte[]> text(String name, String kind, String text) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", kind, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
