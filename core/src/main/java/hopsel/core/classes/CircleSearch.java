package hopsel.core.classes;

import hopsel.core.Known;
import hopsel.core.dish.After;
import hopsel.core.dish.Step;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Walks back along {@code after}, without recursion, so that a chain of thousands of steps does no harm. */
final class CircleSearch {

    private CircleSearch() {}

    /**
     * A circle reachable from a step.
     *
     * @param done steps known to lead to no circle; grows
     * @return the circle, its first step repeated at the end
     */
    static Optional<List<String>> from(String start, Map<String, Step> steps, Set<String> done) {
        Deque<String> path = new ArrayDeque<>();
        Map<String, Iterator<String>> open = new HashMap<>();
        enter(start, steps, path, open, done);
        while (!path.isEmpty()) {
            Iterator<String> rest = Known.in(open, path.getLast());
            if (!rest.hasNext()) {
                String finished = path.removeLast();
                open.remove(finished);
                done.add(finished);
                continue;
            }
            String before = rest.next();
            if (open.containsKey(before)) {
                return Optional.of(cut(path, before));
            }
            enter(before, steps, path, open, done);
        }
        return Optional.empty();
    }

    private static void enter(
            String step,
            Map<String, Step> steps,
            Deque<String> path,
            Map<String, Iterator<String>> open,
            Set<String> done) {
        if (steps.containsKey(step) && !done.contains(step)) {
            path.addLast(step);
            open.put(step, steps.get(step).after().stream().map(After::step).iterator());
        }
    }

    private static List<String> cut(Deque<String> path, String back) {
        List<String> circle = new ArrayList<>(path);
        circle = new ArrayList<>(circle.subList(circle.indexOf(back), circle.size()));
        circle.add(back);
        Collections.reverse(circle);
        return circle;
    }
}
