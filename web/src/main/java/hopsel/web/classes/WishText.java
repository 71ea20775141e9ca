package hopsel.web.classes;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Wishes;
import hopsel.core.plan.Wishes.DishOrder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the host asks of the planner, a wish a line: {@code pin dish/step 300}, {@code no-swap dish/step}, {@code show
 * dish/step}, {@code give dish/step person}, {@code voice person}, {@code order served}, {@code drop dish/component}.
 */
final class WishText {

    private WishText() {}

    static String write(Wishes wishes) {
        List<String> lines = new ArrayList<>();
        wishes.pins().forEach((step, seconds) -> lines.add("pin %s %d".formatted(step, seconds)));
        wishes.notSwapped().forEach(step -> lines.add("no-swap " + step));
        wishes.shown().forEach(step -> lines.add("show " + step));
        wishes.given().forEach((step, person) -> lines.add("give %s %s".formatted(step, person)));
        wishes.voice().ifPresent(person -> lines.add("voice " + person));
        if (wishes.order() != DishOrder.ANY) {
            lines.add("order " + wishes.order().name().toLowerCase(Locale.ROOT));
        }
        lines.sort(Comparator.naturalOrder());
        wishes.drops().forEach(what -> lines.add("drop " + what));
        return String.join("\n", lines);
    }

    static Wishes read(String text) {
        Wishes wishes = Wishes.NONE;
        for (String line : text.lines().toList()) {
            wishes = with(wishes, line.split(" "));
        }
        return wishes;
    }

    private static Wishes with(Wishes wishes, String... words) {
        return switch (words[0]) {
            case "voice" -> wishes.withVoice(Optional.of(words[1]));
            case "drop" ->
                wishes.withDrops(Stream.concat(wishes.drops().stream(), Stream.of(words[1]))
                        .toList());
            case "order" -> wishes.withOrder(DishOrder.valueOf(words[1].toUpperCase(Locale.ROOT)));
            case "pin" -> wishes.pin(StepRef.parse(words[1]), Optional.of(Integer.valueOf(words[2])));
            case "no-swap" -> wishes.swapping(StepRef.parse(words[1]), false);
            case "give" -> wishes.give(StepRef.parse(words[1]), Optional.of(words[2]));
            default -> wishes.showing(StepRef.parse(words[1]), true);
        };
    }
}
