package hopsel.web.air;

import hopsel.web.air.AirStore.Run;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
 * Tells screens that something happened. It looks into the database, once for each class that anybody watches, so that
 * any node can serve any screen; a screen that hears fetches how things stand.
 */
@Component
class AirStreams {

    private static final Logger LOG = LoggerFactory.getLogger(AirStreams.class);
    private static final long EVERY = 300;
    /** Looks between two signs of life, so that a screen knows that it is in touch. */
    private static final int ALIVE = 10;

    private final AirDesk desk;
    private final Map<Run, Set<SseEmitter>> screens = new ConcurrentHashMap<>();
    private final Map<Run, String> told = new ConcurrentHashMap<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "air");
        thread.setDaemon(true);
        return thread;
    });
    private int looks;

    AirStreams(AirDesk desk) {
        this.desk = desk;
        clock.scheduleWithFixedDelay(this::look, EVERY, EVERY, TimeUnit.MILLISECONDS);
    }

    SseEmitter open(Run id) {
        SseEmitter screen = new SseEmitter(0L);
        Set<SseEmitter> all = screens.computeIfAbsent(id, any -> ConcurrentHashMap.newKeySet());
        screen.onCompletion(() -> all.remove(screen));
        screen.onError(problem -> all.remove(screen));
        all.add(screen);
        send(all, screen, desk.stamp(id));
        return screen;
    }

    private void look() {
        boolean alive = looks++ % ALIVE == 0;
        screens.forEach((run, all) -> {
            if (!all.isEmpty()) {
                look(run, all, alive);
            }
        });
    }

    private void look(Run run, Set<SseEmitter> all, boolean alive) {
        try {
            String stamp = desk.stamp(run);
            if (alive || !stamp.equals(told.get(run))) {
                told.put(run, stamp);
                all.forEach(screen -> send(all, screen, stamp));
            }
        } catch (RuntimeException e) {
            // One class that cannot be looked at must not silence the others; the next look tries again.
            LOG.warn("Class {} could not be looked at.", run.id(), e);
        }
    }

    private static void send(Set<SseEmitter> all, SseEmitter screen, String stamp) {
        try {
            screen.send(SseEmitter.event().name("stamp").data(stamp));
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
