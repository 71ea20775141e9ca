package hopsel.web.frame;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/**
 * Where this application is reached from outside, for links in letters, codes and calendars: as it was configured, or
 * else on this machine. What a request says of its host is never believed, for anybody can write anything there.
 */
@Component
public class OwnAddress {

    private final String configured;
    private final Environment environment;

    OwnAddress(@Value("${hopsel.address:}") String configured, Environment environment) {
        this.configured = configured.replaceAll("/+$", "");
        this.environment = environment;
    }

    /** The address of a path that begins with a slash. */
    public String of(String path) {
        return (configured.isEmpty()
                        ? "http://127.0.0.1:" + environment.getProperty("local.server.port", "8080")
                        : configured)
                + path;
    }
}
