package hopsel.web.air;

import hopsel.web.air.AirView.Screen;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.json.JsonMapper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.zip.GZIPOutputStream;

/** How a class stands, as it goes over the wire: each kind of screen's part written once, for as many as ask. */
final class AirAnswer {

    private final AirView view;
    private final JsonMapper mapper;
    private final Map<Screen, String> parts = new EnumMap<>(Screen.class);

    AirAnswer(AirView view, JsonMapper mapper) {
        this.view = view;
        this.mapper = mapper;
    }

    AirView view() {
        return view;
    }

    /** The part of a screen, as one line of JSON. */
    synchronized String part(Screen screen) {
        return parts.computeIfAbsent(screen, own -> mapper.writeValueAsString(view.of(own)));
    }

    /**
     * An answer as a browser takes it.
     *
     * @param accepts encodings that it takes, as it says; null: none
     */
    static ResponseEntity<byte[]> to(byte[] plain, @Nullable String accepts) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        return accepts != null && accepts.contains("gzip")
                ? answer.header(HttpHeaders.CONTENT_ENCODING, "gzip").body(packed(plain))
                : answer.body(plain);
    }

    private static byte[] packed(byte[] plain) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return packed.toByteArray();
    }
}
