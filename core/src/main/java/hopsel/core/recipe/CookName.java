package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a cook calls an ingredient beside its amount: a lime, two garlic cloves, two spoons of lemon juice. */
public final class CookName {

    private static final Set<Unit> SPOONS = EnumSet.of(Unit.TSP, Unit.TBSP, Unit.CUP, Unit.ML, Unit.L, Unit.FLOZ);
    private static final Set<String> HOW_LARGE = Set.of("small", "medium", "large");
    private static final Pattern JUICE = Pattern.compile("\\bjuice$", Pattern.CASE_INSENSITIVE);

    private CookName() {}

    /**
     * The name beside an amount.
     *
     * @param amount as it is shown, for the servings in question; empty: to taste
     */
    public static String of(Item item, Optional<Amount> amount) {
        boolean spooned = amount.filter(own -> SPOONS.contains(own.unit())).isPresent();
        if (spooned && item.has(Trait.CITRUS) && item.has(Trait.WHOLE)) {
            return item.practice().names().stream()
                    .filter(name -> JUICE.matcher(name).find())
                    .findFirst()
                    .map(name -> name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1))
                    .orElse(item.name());
        }
        return amount.filter(own -> own.unit() == Unit.PIECE)
                .filter(own -> own.size().map(HOW_LARGE::contains).orElse(true))
                .map(own -> counted(item, own.high()))
                .orElse(item.name());
    }

    /** {@code onion, yellow} of one: the kind stays behind. */
    private static String counted(Item item, BigDecimal count) {
        String[] parts = item.name().toLowerCase(Locale.ROOT).split(",", 2);
        return counted(item, parts[0], count) + (parts.length > 1 ? "," + parts[1] : "");
    }

    /** {@code red chilli} of one, {@code cucumbers} of two; another form only where the item has it. */
    public static String counted(Item item, String name, BigDecimal count) {
        boolean one = count.compareTo(BigDecimal.ONE) <= 0;
        List<String> same = ItemFinder.words(name);
        String single = String.join(" ", same);
        return Stream.concat(Stream.of(name), item.practice().names().stream())
                .map(form -> form.toLowerCase(Locale.ROOT))
                .filter(form -> ItemFinder.words(form).equals(same) && form.equals(single) == one)
                .findFirst()
                .orElse(one && !name.contains("(") ? single : name);
    }
}
