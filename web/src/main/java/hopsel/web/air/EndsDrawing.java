package hopsel.web.air;

import hopsel.core.planned.PlannedClass;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * When a class would end, minute by minute, as lines over its minutes: {@value #WIDTH} by {@value #HEIGHT}.
 *
 * @param lines points of each, in the order asked for
 * @param slotAt height of the end of the slot
 * @param planAt height of the planned end
 */
public record EndsDrawing(List<String> lines, double slotAt, double planAt) {

    private static final int WIDTH = 960;
    private static final int HEIGHT = 220;
    private static final int ROOM_BELOW = 300;
    private static final int ROOM_ABOVE = 60;

    static EndsDrawing of(PlannedClass planned, List<List<Integer>> ends) {
        int slot = planned.cooking().airMinutes().seconds();
        int most = Math.max(
                        Math.max(slot, planned.plan().airEnd()),
                        ends.stream()
                                .flatMap(List::stream)
                                .mapToInt(end -> end)
                                .max()
                                .orElse(0))
                + ROOM_ABOVE;
        int least = Math.min(planned.plan().airEnd(), slot) - ROOM_BELOW;
        int minutes = ends.stream().mapToInt(List::size).max().orElse(1);
        return new EndsDrawing(
                ends.stream().map(line -> line(line, minutes, least, most)).toList(),
                at(slot, least, most),
                at(planned.plan().airEnd(), least, most));
    }

    private static double at(int end, int least, int most) {
        return HEIGHT - (end - least) / (double) (most - least) * HEIGHT;
    }

    private static String line(List<Integer> ends, int minutes, int least, int most) {
        List<String> points = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            points.add(String.format(
                    Locale.ROOT,
                    "%.1f,%.1f",
                    i * WIDTH / (double) Math.max(1, minutes - 1),
                    Math.max(0, Math.min(HEIGHT, at(ends.get(i), least, most)))));
        }
        return String.join(" ", points);
    }
}
