package hopsel.web.api;

import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is counted and timed, in the text format of OpenMetrics collectors; for a token, like all that is connected. */
@RestController
class MetricsController {

    private final PrometheusMeterRegistry registry;

    MetricsController(PrometheusMeterRegistry registry) {
        this.registry = registry;
    }

    @GetMapping(value = "/api/1/metrics", produces = MediaType.TEXT_PLAIN_VALUE)
    String metrics() {
        return registry.scrape();
    }
}
