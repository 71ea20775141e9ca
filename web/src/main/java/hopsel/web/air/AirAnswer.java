package hopsel.web.air;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.json.JsonMapper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.GZIPOutputStream;

/**
 * How a class stands, as it goes over the wire: written and packed once, for as many screens as ask.
 *
 * @param view what it says
 * @param plain as JSON
 * @param packed the same, compressed
 */
record AirAnswer(AirView view, byte[] plain, byte[] packed) {

    static AirAnswer of(AirView view, JsonMapper mapper) {
        byte[] plain = mapper.writeValueAsBytes(view);
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new AirAnswer(view, plain, packed.toByteArray());
    }

    /**
     * The answer to a screen.
     *
     * @param accepts encodings that it takes, as it says; null: none
     */
    ResponseEntity<byte[]> to(String accepts) {
        boolean pack = accepts != null && accepts.contains("gzip");
        ResponseEntity.BodyBuilder answer = ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        return pack ? answer.header(HttpHeaders.CONTENT_ENCODING, "gzip").body(packed) : answer.body(plain);
    }
}
