package hopsel.web.frame;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * Where this application is reached from outside, for links in letters, codes and calendars: as it was configured, or else
 * as whoever asks reached it. It ought to be configured where strangers can reach it, for they say how they did.
 */
@Component
public class OwnAddress {

    private final String configured;

    OwnAddress(@Value("${hopsel.address:}") String configured) {
        this.configured = configured.replaceAll("/+$", "");
    }

    /** The address of a path that begins with a slash. */
    public String of(String path) {
        return (configured.isEmpty() ? ServletUriComponentsBuilder.fromCurrentContextPath().toUriString() : configured) + path;
    }
}
