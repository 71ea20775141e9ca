package hopsel.web.air;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/**
 * Tells screens that something happened. It looks into the database, once for each class that anybody watches, so that any
 * node can serve any screen; a screen that hears fetches how things stand.
 */
@Component
class AirStreams {

    private static final long EVERY = 300;
    /** Looks between two signs of life, so that a screen knows that it is in touch. */
    private static final int ALIVE = 10;

    private final AirStore store;
    private final Map<Long, Set<SseEmitter>> screens = new ConcurrentHashMap<>();
    private final Map<Long, Long> told = new ConcurrentHashMap<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "air");
        thread.setDaemon(true);
        return thread;
    });
    private int looks;

    AirStreams(AirStore store) {
        this.store = store;
        clock.scheduleWithFixedDelay(this::look, EVERY, EVERY, TimeUnit.MILLISECONDS);
    }

    SseEmitter open(long id) {
        SseEmitter screen = new SseEmitter(0L);
        Set<SseEmitter> all = screens.computeIfAbsent(id, any -> ConcurrentHashMap.newKeySet());
        screen.onCompletion(() -> all.remove(screen));
        screen.onError(problem -> all.remove(screen));
        all.add(screen);
        send(all, screen, store.last(id));
        return screen;
    }

    private void look() {
        boolean alive = looks++ % ALIVE == 0;
        screens.forEach((id, all) -> {
            if (!all.isEmpty()) {
                long seq = store.last(id);
                if (alive || told.getOrDefault(id, -1L) != seq) {
                    told.put(id, seq);
                    all.forEach(screen -> send(all, screen, seq));
                }
            }
        });
    }

    private static void send(Set<SseEmitter> all, SseEmitter screen, long seq) {
        try {
            screen.send(SseEmitter.event().name("seq").data(String.valueOf(seq)));
        } catch (IOException | IllegalStateException e) {
            // The screen is gone; it comes back by itself.
            all.remove(screen);
        }
    }

    /** Open streams would hold up a shutdown. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        clock.shutdownNow();
        screens.values().forEach(all -> all.forEach(SseEmitter::complete));
    }
}
