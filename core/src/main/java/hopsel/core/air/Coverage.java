package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.Shown;
import hopsel.core.air.Happened.Start;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What was shown of a class, what was not, and what was filmed how often.
 *
 * @param missing ingredients and cues that somebody has to show before it is too late, in the order of the class
 * @param takes of each step that is shown, by the key of its activity, in the order in which they were begun
 * @param toFilm what still has to be shown, in an order that the dishes allow: what failed or was not shown, too
 */
public record Coverage(List<Missing> missing, Map<String, List<Take>> takes, List<Standing> toFilm) {

    /** Seconds before the end of a step from which what has not gone in is said. */
    private static final int WARNING = 90;
    /** Share of a short step that is over before it is said. */
    private static final double MOST = 0.7;

    /**
     * Something that nobody has shown.
     *
     * @param activity key of it
     * @param key what would be ticked
     * @param cue whether it is a cue; otherwise an ingredient
     * @param gone whether its step is over
     */
    public record Missing(String activity, String key, boolean cue, boolean gone) {}

    /**
     * A step as it was done once.
     *
     * @param start seconds from going on air
     * @param end likewise; empty: it is being done
     * @param good whether it did not fail
     */
    public record Take(int start, Optional<Integer> end, boolean good) {}

    /** Keeps its own copies. */
    public Coverage {
        missing = List.copyOf(missing);
        takes = Map.copyOf(takes);
        toFilm = List.copyOf(toFilm);
    }

    /** What a line of a dish is ticked by. */
    public static String line(Standing standing, String line) {
        return standing.activity().step().dish() + "/" + line;
    }

    /** What the cue of a step is ticked by. */
    public static String cue(Standing standing) {
        return standing.activity().step() + "#cue";
    }

    /** Of a class as it stands. */
    public static Coverage of(AirState state) {
        Set<String> shown = new HashSet<>();
        state.events().forEach(event -> {
            if (event.what() instanceof Shown own) {
                shown.add(own.what());
            }
        });
        List<Missing> missing = new ArrayList<>();
        state.standings().stream()
                .filter(standing -> due(standing, state))
                .forEach(standing -> missing(state, standing, shown, missing));
        Map<String, List<Take>> takes = new LinkedHashMap<>();
        state.onAir().ifPresent(begun -> state.events().forEach(event -> take(event, begun, takes)));
        takes.keySet()
                .retainAll(state.standings().stream()
                        .filter(standing -> standing.activity().shown())
                        .map(standing -> AirState.key(standing.activity()))
                        .toList());
        List<Standing> toFilm = state.standings().stream()
                .filter(standing -> standing.activity().shown()
                        && (standing.status() == Status.AHEAD || standing.status() == Status.FAILED))
                .sorted(Comparator.comparingInt(Standing::start))
                .toList();
        return new Coverage(missing, takes, toFilm);
    }

    /** A step that somebody began on air and that is over, or nearly. */
    private static boolean due(Standing standing, AirState state) {
        if (!standing.activity().shown() || standing.activity().start() < 0) {
            return false;
        }
        int into = state.elapsed() - standing.start();
        int length = standing.end() - standing.start();
        return standing.status() == Status.DONE
                || standing.status() == Status.RUNNING
                        && (standing.end() - state.elapsed() <= Math.min(WARNING, length * (1 - MOST)) && into > 0);
    }

    private static void missing(AirState state, Standing standing, Set<String> shown, List<Missing> missing) {
        Step step = state.order().cooking.step(standing.activity().step());
        boolean gone = standing.status() == Status.DONE;
        String activity = AirState.key(standing.activity());
        step.uses().stream()
                .map(Use::ingredient)
                .map(line -> line(standing, line))
                .filter(key -> !shown.contains(key) && missing.stream().noneMatch(other -> other.key.equals(key)))
                .forEach(key -> missing.add(new Missing(activity, key, false, gone)));
        step.cue()
                .map(said -> cue(standing))
                .filter(key -> !shown.contains(key))
                .ifPresent(key -> missing.add(new Missing(activity, key, true, gone)));
    }

    private static void take(AirEvent event, Instant begun, Map<String, List<Take>> takes) {
        int at = (int) Duration.between(begun, event.at()).toSeconds();
        List<Take> all = takes.computeIfAbsent(event.activity(), any -> new ArrayList<>());
        if (event.is(Start.class)) {
            all.add(new Take(at, Optional.empty(), true));
        } else if ((event.is(Done.class) || event.is(Failed.class))
                && !all.isEmpty()
                && all.get(all.size() - 1).end.isEmpty()) {
            all.set(all.size() - 1, new Take(all.get(all.size() - 1).start, Optional.of(at), event.is(Done.class)));
        }
    }
}
