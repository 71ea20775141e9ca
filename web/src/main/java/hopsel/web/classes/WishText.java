package hopsel.web.classes;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Wishes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the host asks of the planner, a wish a line: {@code pin dish/step 300}, {@code no-swap dish/step}, {@code show
 * dish/step}.
 */
final class WishText {

    private WishText() {}

    static String write(Wishes wishes) {
        List<String> lines = new ArrayList<>();
        wishes.pins().forEach((step, seconds) -> lines.add("pin %s %d".formatted(step, seconds)));
        wishes.notSwapped().forEach(step -> lines.add("no-swap " + step));
        wishes.shown().forEach(step -> lines.add("show " + step));
        return String.join("\n", lines.stream().sorted().toList());
    }

    static Wishes read(String text) {
        Map<StepRef, Integer> pins = new HashMap<>();
        Set<StepRef> notSwapped = new HashSet<>();
        Set<StepRef> shown = new HashSet<>();
        for (String line : text.lines().toList()) {
            String[] words = line.split(" ");
            StepRef step = StepRef.parse(words[1]);
            switch (words[0]) {
                case "pin" -> pins.put(step, Integer.valueOf(words[2]));
                case "no-swap" -> notSwapped.add(step);
                default -> shown.add(step);
            }
        }
        return new Wishes(pins, notSwapped, shown, Optional.empty());
    }
}
