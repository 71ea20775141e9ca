package hopsel.web.handout;

import hopsel.web.frame.Bounded;
import hopsel.web.handout.EditionStore.Matters;
import hopsel.web.handout.HandoutPdf.Paper;

import jakarta.annotation.PreDestroy;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/**
 * The page of the booklet on which each dish begins. Setting a booklet takes seconds, so it is done beside, and looked
 * up.
 */
@Component
public class HandoutPages {

    private static final Logger LOG = LoggerFactory.getLogger(HandoutPages.class);
    private static final Duration FRESH = Duration.ofMinutes(10);

    private final EditionStore editions;
    private final HandoutDesk desk;
    private final HandoutPdf pdf;
    private final Clock clock;
    private final Map<Long, Known> known = Bounded.map();
    private final ExecutorService setter = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "booklet");
        thread.setDaemon(true);
        return thread;
    });

    HandoutPages(EditionStore editions, HandoutDesk desk, HandoutPdf pdf, Clock clock) {
        this.editions = editions;
        this.desk = desk;
        this.pdf = pdf;
        this.clock = clock;
    }

    private record Known(Map<String, Integer> pages, Instant asked) {}

    /** By title of the dish; empty as long as it is being worked out. */
    public Map<String, Integer> of(long id) {
        Instant now = clock.instant();
        return known.compute(id, (key, before) -> {
                    if (before != null && now.isBefore(before.asked.plus(FRESH))) {
                        return before;
                    }
                    setter.submit(() -> set(id));
                    return new Known(
                            Optional.ofNullable(before).map(Known::pages).orElse(Map.of()), now);
                })
                .pages;
    }

    @PreDestroy
    void stop() {
        setter.shutdownNow();
    }

    private void set(long id) {
        try {
            Matters draft = editions.draft(id);
            Map<String, Integer> pages = HandoutPdf.pages(pdf.render(
                    id, desk.write(draft, HandoutDesk.anybody(draft.cooking())), Paper.A5, true, Optional.empty()));
            known.computeIfPresent(id, (key, before) -> new Known(pages, before.asked));
        } catch (RuntimeException e) {
            LOG.warn("The booklet of class {} could not be set for its page numbers.", id, e);
        }
    }
}
