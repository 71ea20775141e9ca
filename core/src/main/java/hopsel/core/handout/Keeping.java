package hopsel.core.handout;

import hopsel.core.dish.Dish;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Catalogue;
import hopsel.core.mise.Trait;

import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How long a cooked dish keeps at home, at or under 5 °C and frozen, and how it is warmed. Usual guidance for home
 * cooking, on the short side; the host's own figures come before it.
 *
 * @param fridge  days, 0: eat it at once
 * @param freezer weeks, 0: not to be frozen
 * @param reheat  how it is warmed again
 * @param own     whether the host said any of it
 */
public record Keeping(int fridge, int freezer, Reheat reheat, boolean own) {

    /** How something is warmed again. */
    public enum Reheat { COLD, OVEN, POT, NOT }

    private static final Pattern CRISP = Pattern.compile("\\b(?:deep-fr\\w+|crisp\\w*|batter|tempura|puff)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern POT = Pattern.compile("\\b(?:simmer|soup|broth|curry|stew|sauce|laksa)\\w*\\b", Pattern.CASE_INSENSITIVE);
    private static final int RICE = 1;
    private static final int FRESH = 1;
    private static final int USUAL = 3;
    private static final int FREEZER = 12;

    /** For a dish, by what goes in and what is done; what the host wrote comes first. */
    public static Keeping of(Dish dish, Catalogue catalogue, DishWords words) {
        boolean heated = dish.steps().anyMatch(step -> step.needs().stream().anyMatch(need -> !need.kind().equals("fridge") && !need.kind().equals("blender") && !need.kind().equals("food-processor")));
        boolean rice = dish.lines().map(line -> catalogue.get(line.item()).name().toLowerCase(Locale.ROOT)).anyMatch(name -> name.contains("rice") && !name.matches(".*\\b(?:vinegar|noodles?|flour|drink|milk|paper|syrup)\\b.*"));
        boolean fresh = dish.lines().anyMatch(line -> Trait.of(catalogue.get(line.item())).contains(Trait.WILTS));
        String text = dish.title() + " " + dish.steps().map(step -> step.title() + " " + step.instruction()).reduce("", (one, two) -> one + " " + two);
        int fridge = words.fridge().orElse(rice ? RICE : !heated && fresh ? FRESH : heated ? USUAL : FRESH + 1);
        int freezer = words.freezer().orElse(!heated || CRISP.matcher(text).find() ? 0 : FREEZER);
        Reheat reheat = !heated ? Reheat.COLD : POT.matcher(text).find() ? Reheat.POT : Reheat.OVEN;
        return new Keeping(fridge, freezer, reheat, Arrays.asList(words.fridge(), words.freezer()).stream().anyMatch(said -> said.isPresent()) || !words.reheat().isEmpty());
    }
}
