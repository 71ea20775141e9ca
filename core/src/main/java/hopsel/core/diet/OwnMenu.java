package hopsel.core.diet;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Cooked;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Avoided;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Substitution;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Decides for a line and an attendee: as it is, with a substitution, left out, or cannot be served. */
public final class OwnMenu {

    /** What everybody avoids, beside their own list. */
    public static final String ANIMAL = "animal";
    /** Why somebody is served something else though they avoid nothing in it. */
    public static final String FEWER_KITS = "fewer-kits";
    /** Why something is left out that the host leaves out for this guest. */
    public static final String HOST_SAID = "host-said";

    private final Catalogue catalogue;
    private final List<Substitution> substitutions;

    private OwnMenu(Catalogue catalogue, List<Substitution> substitutions) {
        this.catalogue = catalogue;
        this.substitutions = substitutions;
    }

    /** The menu of a class. */
    public static OwnMenu of(CookingClass cooking, Catalogue builtIn) {
        return new OwnMenu(cooking.catalogue(builtIn), cooking.substitutions());
    }

    /** What becomes of a line of a dish for an attendee. */
    public Serving serve(Dish dish, IngredientLine line, Attendee attendee) {
        Item written = catalogue.get(line.item());
        if (attendee.isWithout(dish.id(), line.item())) {
            return new Serving.LeftOut(List.of(HOST_SAID));
        }
        Optional<Serving> packed = packed(line, attendee);
        if (packed.isPresent()) {
            return packed.get();
        }
        List<String> reasons = inDish(dish, line, avoided(written, attendee));
        if (!reasons.isEmpty()) {
            return instead(
                    line,
                    attendee,
                    reasons,
                    line.optional() ? new Serving.LeftOut(reasons) : new Serving.CannotServe(reasons));
        }
        List<String> disliked = inDish(dish, line, met(written, attendee.rather()));
        if (disliked.isEmpty()) {
            return new Serving.AsWritten(List.of());
        }
        return instead(
                line,
                attendee,
                disliked,
                line.optional() ? new Serving.LeftOut(disliked) : new Serving.AsWritten(disliked));
    }

    /**
     * A dish as an attendee has it: in the variant that the host gives them, else in the first that they can have as it
     * is written, else in the first that can be made to suit them, else in the first.
     */
    public Dish own(Dish dish, Attendee attendee) {
        if (dish.variants().size() < 2) {
            return dish;
        }
        return given(dish, attendee).findFirst().orElseGet(() -> suiting(dish, attendee));
    }

    /** Every variant of a dish that the host gives an attendee: a booklet shows all; else the one that is theirs. */
    public List<Dish> all(Dish dish, Attendee attendee) {
        List<Dish> given = given(dish, attendee).toList();
        return given.isEmpty() ? List.of(own(dish, attendee)) : given;
    }

    private static Stream<Dish> given(Dish dish, Attendee attendee) {
        return dish.variants().stream()
                .filter(variant -> attendee.gets(dish.id(), variant.id()))
                .map(variant -> variant.of(dish));
    }

    private Dish suiting(Dish dish, Attendee attendee) {
        List<Dish> all =
                dish.variants().stream().map(variant -> variant.of(dish)).toList();
        Predicate<Serving> asWritten = serving -> serving instanceof Serving.AsWritten written
                && written.disliked().isEmpty();
        Predicate<Serving> possible = serving -> !(serving instanceof Serving.CannotServe);
        return first(all, attendee, asWritten)
                .or(() -> first(all, attendee, possible))
                .orElse(all.get(0));
    }

    private Optional<Dish> first(List<Dish> all, Attendee attendee, Predicate<Serving> rule) {
        return all.stream()
                .filter(dish -> dish.lines().allMatch(line -> rule.test(serve(dish, line, attendee))))
                .findFirst();
    }

    /** What is in a dish as an attendee gets it, wherever it comes from: their kit, their home, or the host. */
    public List<Item> used(Dish dish, Attendee attendee) {
        Dish own = own(dish, attendee);
        return own.lines().flatMap(line -> used(own, line, attendee).stream()).toList();
    }

    private Optional<Item> used(Dish dish, IngredientLine line, Attendee attendee) {
        Serving serving = serve(dish, line, attendee);
        if (serving instanceof Serving.LeftOut) {
            return Optional.empty();
        }
        String item = serving instanceof Serving.Substituted other
                ? other.substitution().use()
                : line.item();
        return Optional.of(catalogue.get(item));
    }

    /** What the host packs for fewer kinds of kit, as far as it still suits them. */
    private Optional<Serving> packed(IngredientLine line, Attendee attendee) {
        String use = attendee.served().get(line.item());
        if (use == null) {
            return Optional.empty();
        }
        if (use.isEmpty()) {
            return line.optional() ? Optional.of(new Serving.LeftOut(List.of(FEWER_KITS))) : Optional.empty();
        }
        return substitutions.stream()
                .filter(own -> own.replaced().equals(line.item())
                        && own.use().equals(use)
                        && avoided(catalogue.get(use), attendee).isEmpty())
                .findFirst()
                .map(own -> new Serving.Substituted(own, List.of(FEWER_KITS)));
    }

    /**
     * The first substitution that they may have and do not mind; of those that they would rather not have, the first;
     * else what else there is.
     */
    private Serving instead(IngredientLine line, Attendee attendee, List<String> reasons, Serving otherwise) {
        Predicate<Substitution> safe = own -> own.replaced().equals(line.item())
                && avoided(catalogue.get(own.use()), attendee).isEmpty();
        Predicate<Substitution> liked =
                own -> met(catalogue.get(own.use()), attendee.rather()).isEmpty();
        boolean must = otherwise instanceof Serving.CannotServe;
        return substitutions.stream()
                .filter(safe.and(liked))
                .findFirst()
                .or(() -> must ? substitutions.stream().filter(safe).findFirst() : Optional.empty())
                .<Serving>map(own -> new Serving.Substituted(own, reasons))
                .orElse(otherwise);
    }

    /** What is cooked in a dish is no longer raw. */
    private static List<String> inDish(Dish dish, IngredientLine line, List<String> reasons) {
        return reasons.contains(HouseRule.RAW_SPROUTS.word()) && Cooked.isCooked(dish, line)
                ? reasons.stream()
                        .filter(word -> !word.equals(HouseRule.RAW_SPROUTS.word()))
                        .toList()
                : reasons;
    }

    /** Why the attendee does not have this item, in the order of their list; empty: they may. */
    public static List<String> avoided(Item item, Attendee attendee) {
        List<String> reasons = met(item, attendee.avoids());
        if (item.origin() == Origin.ANIMAL) {
            reasons.add(ANIMAL);
        }
        return reasons;
    }

    private static List<String> met(Item item, List<String> words) {
        List<String> reasons = new ArrayList<>();
        for (String word : words) {
            if (Avoided.meets(item, word) && !reasons.contains(word)) {
                reasons.add(word);
            }
        }
        return reasons;
    }
}
