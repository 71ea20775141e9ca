package hopsel.core.item;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * An ingredient. Immutable. What is empty is unknown.
 *
 * @param id unique in the catalogue
 * @param name as a cook says it
 * @param gramsPerMl density
 * @param gramsPerPiece weight of a whole piece as bought
 * @param gramsPerCan drained weight of a can
 * @param edibleShare what is left after peeling and trimming, above 0 up to 1
 * @param allergens of {@link Allergen}
 * @param origin plant, animal, or to be checked
 * @param is what a house rule calls it
 * @param storage where it is kept
 * @param packs sizes in which it is sold; empty: sold loose
 * @param tolerance what a scale may be off for it, in grams
 * @param nutrients typical values
 * @param practice other names, sizes, how it swells
 * @param takenFor id of the ingredient that this one was taken for by a guess that nobody has confirmed; its figures
 *     and allergens are those of that one. Empty: it is no guess
 * @param traits what it is and does in a kitchen; empty: nobody has said
 */
@Copyable
public record Item(
        String id,
        String name,
        Optional<BigDecimal> gramsPerMl,
        Optional<BigDecimal> gramsPerPiece,
        Optional<BigDecimal> gramsPerCan,
        BigDecimal edibleShare,
        Set<Allergen> allergens,
        Origin origin,
        Optional<HouseRule> is,
        Optional<Storage> storage,
        List<Pack> packs,
        Optional<BigDecimal> tolerance,
        Optional<Nutrients> nutrients,
        Practice practice,
        Optional<String> takenFor,
        Set<Trait> traits)
        implements ItemBuilder.With {

    /** What cooks call one and the same: a stick of celery is a rib. */
    private static final List<String> STEMS = List.of("stalk", "stick", "rib", "stem", "spear");

    /** The size that {@code gramsPerPiece} speaks of. */
    public static final String MEDIUM = "medium";

    /** Keeps its own copies. */
    public Item {
        allergens = Set.copyOf(allergens);
        packs = List.copyOf(packs);
        traits = Set.copyOf(traits);
    }

    /** Something of which only the name is known: what is in it, a label has to say. */
    public static Item nameOnly(String id, String name) {
        return new Item(
                id,
                name,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                BigDecimal.ONE,
                Set.of(),
                Origin.CHECK_LABEL,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Practice.NONE,
                Optional.empty(),
                Set.of());
    }

    /**
     * Grams of a whole piece as bought; empty where they are unknown.
     *
     * @param size small, large, bunch and the like; empty or medium: the usual one
     */
    public Optional<BigDecimal> gramsPerPiece(Optional<String> size) {
        Optional<BigDecimal> named = size.map(practice.pieces()::get)
                .or(() -> size.filter(STEMS::contains).flatMap(any -> STEMS.stream()
                        .flatMap(stem -> Optional.ofNullable(practice.pieces().get(stem)).stream())
                        .findFirst()));
        boolean usual = size.isEmpty() || size.get().equals(MEDIUM);
        return named.isPresent() || !usual ? named : gramsPerPiece;
    }

    /**
     * Whether nothing is known of it but its name: something that a recipe speaks of and that no catalogue had. What is
     * in it, nobody has said.
     */
    public boolean isNameOnly() {
        boolean weight = gramsPerMl.isPresent()
                || gramsPerPiece.isPresent()
                || gramsPerCan.isPresent()
                || edibleShare.compareTo(BigDecimal.ONE) != 0;
        boolean shop = storage.isPresent() || !packs.isEmpty() || tolerance.isPresent() || nutrients.isPresent();
        return origin == Origin.CHECK_LABEL
                && allergens.isEmpty()
                && is.isEmpty()
                && !weight
                && !shop
                && practice.equals(Practice.NONE);
    }

    /** Its name up to the first comma or bracket: "Peanuts, roasted" are peanuts. */
    public String shortName() {
        int comma = name.indexOf(',');
        int bracket = name.indexOf('(');
        int end = Math.min(comma < 0 ? name.length() : comma, bracket < 0 ? name.length() : bracket);
        return name.substring(0, end).strip();
    }

    /** Whether somebody said this of it. */
    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether it runs or sticks: it goes into a jar, and wets what lies beside it. */
    public boolean isWet() {
        return has(Trait.LIQUID) || has(Trait.PASTE);
    }

    /** Whether a house rule speaks of it, whatever else it is. */
    public boolean falls(HouseRule rule) {
        return is.filter(rule::equals).isPresent() || rule == HouseRule.ADDED_SALT && has(Trait.SALTED);
    }

    /** The same ingredient under another id. */
    public Item under(String otherId) {
        return withId(otherId);
    }

    /** The same ingredient as its label says it is. */
    public Item labelled(Set<Allergen> found, Origin as) {
        return withAllergens(found).withOrigin(as);
    }

    /** The same ingredient in other packs. */
    public Item in(List<Pack> others) {
        return withPacks(others);
    }

    /** Something that a recipe calls so, and that is this ingredient as far as anybody can guess. */
    public Item guessedAs(String words, String ownId) {
        return with(guess -> guess.id(ownId)
                .name(words)
                .practice(practice.withNames(List.of()))
                .takenFor(Optional.of(id)));
    }

    /** The same ingredient, which is no guess any more. */
    public Item confirmed() {
        return withTakenFor(Optional.empty());
    }

    /** Whether it goes by that name, capitals aside. */
    public boolean isCalled(String words) {
        return name.equalsIgnoreCase(words) || practice.names().stream().anyMatch(words::equalsIgnoreCase);
    }

    /** The allergens in the order of the law's list. */
    public List<Allergen> allergenList() {
        return allergens.stream().sorted().toList();
    }
}
