package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.Replies.Way;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Looks for the replies that bring a class back into its slot at the least cost.
 *
 * <p>Exact: whatever brings the end forward has to change something in the chain that makes the end what it is, so it
 * is enough to branch on that chain, with one thing taken or ruled out at a time. A bound on the work keeps an answer
 * within the time of a look at a screen; what was best by then is given.
 */
final class WayBack {

    private static final int MOST = 4;
    private static final int WORK = 2000;

    private final int slot;
    private Way best = new Way(List.of(), Integer.MAX_VALUE);
    private int work;

    WayBack(int slot) {
        this.slot = slot;
    }

    Way search(Replies replies) {
        best = new Way(List.of(), replies.state().end());
        extend(replies, List.of(), new HashSet<>());
        List<String> order = replies.state().standings().stream()
                .map(standing -> AirState.key(standing.activity()))
                .toList();
        return new Way(
                best.replies().stream()
                        .sorted((one, two) -> order.indexOf(one.key()) - order.indexOf(two.key()))
                        .toList(),
                best.end());
    }

    private void extend(Replies replies, List<Reply> taken, Set<Reply> ruledOut) {
        if (replies.state().end() <= slot || taken.size() == MOST) {
            return;
        }
        Set<Reply> out = new HashSet<>(ruledOut);
        for (Standing standing : replies.state().chain()) {
            for (Reply reply : replies.bare(standing).toList()) {
                if (!possible(reply, taken, out) || work++ > WORK) {
                    continue;
                }
                AirState then = replies.state().after(reply.pressed());
                List<Reply> more = new ArrayList<>(taken);
                more.add(reply.gaining(replies.state().end() - then.end()));
                Way way = new Way(List.copyOf(more), then.end());
                if (better(way)) {
                    best = way;
                }
                if (best.end() > slot || way.cost() < best.cost()) {
                    extend(replies.in(then), more, out);
                }
                out.add(reply);
            }
        }
    }

    /** Nothing is done twice, and what is left out needs nothing else. */
    private static boolean possible(Reply reply, List<Reply> taken, Set<Reply> ruledOut) {
        return !ruledOut.contains(reply)
                && taken.stream()
                        .noneMatch(other -> other.about().equals(reply.about())
                                && (other.means() == reply.means() || other.leavesOut() || reply.leavesOut()));
    }

    private boolean better(Way way) {
        boolean fits = way.end() <= slot;
        boolean bestFits = best.end() <= slot;
        if (fits != bestFits) {
            return fits;
        }
        int cost = Integer.compare(way.cost(), best.cost());
        int end = Integer.compare(way.end(), best.end());
        return fits ? cost < 0 || cost == 0 && end < 0 : end < 0 || end == 0 && cost < 0;
    }
}
