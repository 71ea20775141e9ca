package hopsel.web.air;

import hopsel.web.air.AirStore.Run;
import hopsel.web.air.AirView.Screen;

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
 * Tells screens how a class stands whenever something happened: each kind of screen its own part, written once. It
 * looks into the database, once for each class that anybody watches, so that any node can serve any screen; what was
 * pressed here is told at once.
 */
@Component
class AirStreams {

    private static final Logger LOG = LoggerFactory.getLogger(AirStreams.class);
    private static final long EVERY = 300;
    /** Looks between two signs of life, so that a screen knows that it is in touch. */
    private static final int ALIVE = 10;

    /** A screen that listens. */
    private record Listener(Screen kind, SseEmitter line) {}

    private final AirDesk desk;
    private final Map<Run, Set<Listener>> screens = new ConcurrentHashMap<>();
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

    SseEmitter open(Run id, Screen kind) {
        SseEmitter line = new SseEmitter(0L);
        Listener screen = new Listener(kind, line);
        Set<Listener> all = screens.computeIfAbsent(id, any -> ConcurrentHashMap.newKeySet());
        line.onCompletion(() -> all.remove(screen));
        line.onError(problem -> all.remove(screen));
        all.add(screen);
        send(all, screen, "stamp", desk.stamp(id));
        return line;
    }

    /** Something was pressed here: nobody has to wait for the next look. */
    void look(Run run) {
        clock.execute(() -> look(run, screens.getOrDefault(run, Set.of()), false));
    }

    private void look() {
        boolean alive = looks++ % ALIVE == 0;
        screens.forEach((run, all) -> {
            if (!all.isEmpty()) {
                look(run, all, alive);
            }
        });
    }

    private void look(Run run, Set<Listener> all, boolean alive) {
        try {
            String stamp = desk.stamp(run);
            if (!stamp.equals(told.put(run, stamp))) {
                AirAnswer answer = desk.answer(run);
                all.forEach(screen -> send(all, screen, "state", answer.part(screen.kind)));
            } else if (alive) {
                all.forEach(screen -> send(all, screen, "stamp", stamp));
            }
        } catch (RuntimeException e) {
            // One class that cannot be looked at must not silence the others; the next look tries again.
            LOG.warn("Class {} could not be looked at.", run.id(), e);
        }
    }

    private static void send(Set<Listener> all, Listener screen, String name, String data) {
        try {
            screen.line.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException e) {
            // The screen is gone; it comes back by itself.
            all.remove(screen);
        }
    }

    /** Open streams would hold up a shutdown. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        clock.shutdownNow();
        screens.values().forEach(all -> all.forEach(screen -> screen.line.complete()));
    }
}
