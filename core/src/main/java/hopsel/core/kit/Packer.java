package hopsel.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Somebody at the packing bench, and how far they have come.
 *
 * @param who their login
 * @param station at which they were last
 * @param inHand ids of the attendees whose kits they hold
 * @param portions that they put into kits; one that was taken out again counts, too, for it was work
 * @param closed ids of the attendees whose kits they closed, and that are closed still
 */
public record Packer(String who, String station, List<String> inHand, int portions, List<String> closed) {

    /** Keeps its own copies. */
    public Packer {
        inHand = List.copyOf(inHand);
        closed = List.copyOf(closed);
    }

    /** Something that somebody did. */
    public record Done(String who, AtStation event) {}

    private static final class Tally {
        private String station = "";
        private int portions;
    }

    /** Everybody who did anything, in the order in which they began. */
    public static List<Packer> of(List<Done> all) {
        Map<String, Tally> tallies = new LinkedHashMap<>();
        Map<String, String> holds = new LinkedHashMap<>();
        Map<String, String> closed = new LinkedHashMap<>();
        for (Done done : all) {
            Tally tally = tallies.computeIfAbsent(done.who, any -> new Tally());
            tally.station = done.event.station();
            if (done.event instanceof AtStation.Weigh) {
                tally.portions++;
            }
            if (done.event instanceof AtStation.OfKit ofKit) {
                kit(ofKit, done.who, holds, closed);
            }
        }
        List<Packer> packers = new ArrayList<>();
        tallies.forEach((who, tally) ->
                packers.add(new Packer(who, tally.station, of(who, holds), tally.portions, of(who, closed))));
        return packers;
    }

    private static void kit(AtStation.OfKit event, String who, Map<String, String> holds, Map<String, String> closed) {
        if (event instanceof AtStation.Claim || event instanceof AtStation.Weigh) {
            holds.put(event.kit(), who);
        } else if (event instanceof AtStation.Release) {
            holds.remove(event.kit());
        } else if (event instanceof AtStation.Close) {
            holds.remove(event.kit());
            closed.put(event.kit(), who);
        } else if (event instanceof AtStation.Reopen) {
            closed.remove(event.kit());
        }
    }

    private static List<String> of(String who, Map<String, String> kits) {
        Set<String> own = new LinkedHashSet<>();
        kits.forEach((kit, by) -> {
            if (by.equals(who)) {
                own.add(kit);
            }
        });
        return List.copyOf(own);
    }
}
