package hopsel.core.air;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkDish;
import hopsel.core.classes.TalkPiece;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Arcs.Bond;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The work of a plan with what is said between it, and what waits for what then: a host who says something has no hand
 * free, and the goodbye comes after all that makes the class last.
 *
 * @param activities in the order of {@link Activity#ORDER}
 * @param arcs in the order of the activities they lead to
 * @param tops for each activity, whether the class is not over before it is
 */
record Spoken(List<Activity> activities, List<Arc> arcs, boolean[] tops) {

    static Spoken of(CookingClass cooking, Plan plan) {
        Arcs silent = Arcs.of(cooking, plan);
        List<Activity> work = plan.activities();
        List<Activity> all =
                Stream.concat(work.stream(), talk(plan)).sorted(Activity.ORDER).toList();
        int[] at = work.stream().mapToInt(all::indexOf).toArray();
        boolean[] tops = new boolean[all.size()];
        List<Arc> arcs = silent.arcs().stream()
                .map(arc -> new Arc(at[arc.before()], at[arc.then()], arc.gap(), arc.kind(), arc.keeps()))
                .collect(Collectors.toCollection(ArrayList::new));
        IntStream.range(0, at.length).forEach(i -> tops[at[i]] = silent.tops()[i]);
        boolean[] ofWork = Arrays.copyOf(tops, tops.length);
        for (int i = 0; i < all.size(); i++) {
            if (TalkDish.holds(all.get(i).step())) {
                tops[i] = true;
                arcs.addAll(hands(all, i));
                arcs.addAll(closes(cooking, all.get(i)) ? ends(ofWork, i) : List.of());
            }
        }
        arcs.sort(Comparator.comparingInt(Arc::then).thenComparingInt(Arc::before));
        return new Spoken(all, List.copyOf(arcs), tops);
    }

    private static Stream<Activity> talk(Plan plan) {
        return plan.pace().stream()
                .flatMap(pace -> pace.talk().stream())
                .map(talk -> new Activity(
                        TalkDish.ref(talk.id()),
                        Copy.MAIN,
                        true,
                        talk.start(),
                        talk.end(),
                        Optional.of(talk.person()),
                        List.of()));
    }

    private static List<Arc> hands(List<Activity> all, int talk) {
        Activity said = all.get(talk);
        List<Arc> arcs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Activity other = all.get(i);
            boolean same = i != talk && other.person().equals(said.person());
            if (same && other.end() <= said.start()) {
                arcs.add(new Arc(i, talk, 0, Bond.HANDS, -1));
            } else if (same && said.end() <= other.start() && !TalkDish.holds(other.step())) {
                arcs.add(new Arc(talk, i, 0, Bond.HANDS, -1));
            }
        }
        return arcs;
    }

    private static List<Arc> ends(boolean[] tops, int closing) {
        return IntStream.range(0, tops.length)
                .filter(i -> tops[i])
                .mapToObj(i -> new Arc(i, closing, 0, Bond.TALK, -1))
                .toList();
    }

    private static boolean closes(CookingClass cooking, Activity talk) {
        return is(cooking, talk, TalkPiece.Moment.CLOSING);
    }

    /** Whether an activity is talk of that moment. */
    static boolean is(CookingClass cooking, Activity activity, TalkPiece.Moment moment) {
        return TalkDish.holds(activity.step())
                && cooking.tempo().talk().stream()
                        .anyMatch(piece -> piece.id().equals(activity.step().step()) && piece.at() == moment);
    }
}
