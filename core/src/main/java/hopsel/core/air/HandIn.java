package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Happened.HandedIn;
import hopsel.core.mise.Tray;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Something that the back kitchen hands in.
 *
 * @param at seconds from going on air at which it should stand there
 * @param what a tray, or the one made earlier
 * @param key of the activity that it is for
 * @param trays what stands on it
 */
public record HandIn(int at, What what, String key, List<Tray.Bowl> trays) {

    /** Seconds before a step at which its tray stands there: long enough to look over it. */
    private static final int AHEAD = 120;

    /** What is handed in. */
    public enum What {
        TRAY,
        MADE_EARLIER
    }

    /** Keeps its own copy. */
    public HandIn {
        trays = List.copyOf(trays);
    }

    /** What an event says was handed in. */
    public String id() {
        return what + " " + key;
    }

    /** What is still to be handed in, the next first. */
    public static List<HandIn> of(AirState state, List<Tray> trays) {
        Set<String> done = new HashSet<>();
        state.events().forEach(event -> {
            if (event.what() instanceof HandedIn handed) {
                done.add(handed.what());
            }
        });
        List<HandIn> all = new ArrayList<>();
        for (Standing standing : state.standings()) {
            if (standing.status() != Status.AHEAD
                    || !standing.activity().copy().isMain()
                    || !standing.activity().shown()
                    || standing.activity().start() < 0) {
                continue;
            }
            String key = AirState.key(standing.activity());
            trays.stream()
                    .filter(tray -> tray.activity().equals(standing.activity()))
                    .findFirst()
                    .ifPresent(tray -> {
                        List<Tray.Bowl> bowls = new ArrayList<>(tray.bowls());
                        bowls.addAll(tray.toTaste());
                        all.add(new HandIn(standing.start() - AHEAD, What.TRAY, key, bowls));
                    });
            if (state.order().plan.swaps().contains(standing.activity().step())) {
                all.add(new HandIn(standing.start() - AHEAD / 2, What.MADE_EARLIER, key, List.of()));
            }
        }
        return all.stream()
                .filter(one -> !done.contains(one.id()))
                .sorted(Comparator.comparingInt(HandIn::at))
                .toList();
    }
}
