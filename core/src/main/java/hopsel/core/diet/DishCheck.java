package hopsel.core.diet;

import hopsel.core.diet.Doubt.Why;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.recipe.ItemFinder;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What is not known of a dish, and so what must not be said of it. As long as anything in it is unknown, guessed or
 * unread, no page says that it is made without something, or that it is fine for somebody.
 */
public final class DishCheck {

    /** What is left out stands behind this in a name. */
    private static final String WITHOUT = " without ";
    /** What a component of that name makes, out of whatever is on its list. */
    private static final Set<String> MADE_HERE = Set.of("bread", "broth", "stock", "pastry");

    private final Dish dish;
    private final Catalogue catalogue;
    private final Set<String> labelsRead;
    private final List<Doubt> ofRecipe;
    private final Set<Allergen> spoken;

    private DishCheck(Dish dish, Catalogue catalogue, Set<String> labelsRead) {
        this.dish = dish;
        this.catalogue = catalogue;
        this.labelsRead = Set.copyOf(labelsRead);
        this.ofRecipe = new ArrayList<>(dish.passages().unread().stream()
                .map(passage -> new Doubt(Why.UNREAD, passage))
                .toList());
        this.spoken = EnumSet.noneOf(Allergen.class);
        speak();
    }

    /**
     * Checks a dish.
     *
     * @param catalogue all items it may name, and those that may stand in
     * @param labelsRead ids of items whose labels somebody read for this class
     */
    public static DishCheck of(Dish dish, Catalogue catalogue, Set<String> labelsRead) {
        return new DishCheck(dish, catalogue, labelsRead);
    }

    private void speak() {
        List<List<String>> listed =
                dish.lines().flatMap(line -> names(line).map(ItemFinder::words)).toList();
        FoodWords words = FoodWords.of(catalogue);
        texts().distinct()
                .flatMap(text -> words.in(text).stream())
                .flatMap(named -> ownWords(named, words))
                .filter(named ->
                        listed.stream().noneMatch(name -> endsWith(name, named.words())) && !isMade(named.words()))
                .forEach(named -> {
                    if (spoken.addAll(named.allergens())) {
                        ofRecipe.add(new Doubt(Why.SPOKEN, String.join(" ", named.words())));
                    }
                });
    }

    /** The peanut sauce that is made here is not the bought one, with whatever is in that; but it speaks of peanuts. */
    private Stream<FoodWords.Named> ownWords(FoodWords.Named named, FoodWords words) {
        boolean made = titles().anyMatch(title -> ItemFinder.words(title).equals(named.words()));
        return made ? named.words().stream().flatMap(word -> words.in(word).stream()) : Stream.of(named);
    }

    private Stream<String> titles() {
        return Stream.concat(Stream.of(dish.title()), dish.components().stream().map(component -> component.title()));
    }

    /**
     * Flatbreads are shaped as "the breads", and "the broth" is what the component Broth makes: what is made here is no
     * ingredient.
     */
    private boolean isMade(List<String> words) {
        return words.size() == 1
                && titles().flatMap(title -> ItemFinder.words(title).stream())
                        .anyMatch(word -> word.equals(words.get(0))
                                ? MADE_HERE.stream().anyMatch(word::endsWith)
                                : word.endsWith(words.get(0)));
    }

    private Stream<String> names(IngredientLine line) {
        Item item = catalogue.get(line.item());
        return Stream.concat(
                Stream.of(item.name(), plain(item.shortName())),
                Stream.concat(item.practice().names().stream(), line.said().stream()));
    }

    /** Stock without celery is called stock, and "Peanuts, roasted" are peanuts. */
    private static String plain(String name) {
        return name.contains(WITHOUT) ? name.substring(0, name.indexOf(WITHOUT)).strip() : name;
    }

    private Stream<String> texts() {
        Stream<String> steps = dish.steps()
                .flatMap(step ->
                        Stream.of(step.title(), step.instruction(), step.cue().orElse("")));
        Stream<String> lines = dish.lines().flatMap(line -> Stream.concat(line.prep().stream(), guessed(line)));
        Stream<String> rest = Stream.concat(dish.passages().unread().stream(), dish.passages().aside().stream());
        return Stream.of(titles(), steps, lines, rest).flatMap(all -> all);
    }

    /** The recipe's own words for what was guessed: milk chocolate that was taken for dark speaks of milk. */
    private Stream<String> guessed(IngredientLine line) {
        Item item = catalogue.get(line.item());
        return Stream.concat(
                line.said().stream(), item.takenFor().isPresent() ? Stream.of(item.name()) : Stream.empty());
    }

    /** Rice noodles are called noodles, and sesame seeds sesame; but peanuts are not what peanut butter is called. */
    private static boolean endsWith(List<String> name, List<String> words) {
        boolean seed = name.size() > 1
                && name.get(name.size() - 1).equals("seed")
                && name.subList(0, name.size() - 1).equals(words);
        return seed
                || name.size() >= words.size()
                        && name.subList(name.size() - words.size(), name.size()).equals(words);
    }

    /**
     * Everything that is in doubt for somebody: words of allergens only where they avoid them.
     *
     * @param used what is in this version of the dish
     */
    public List<Doubt> doubtsFor(Attendee attendee, List<Item> used) {
        return doubts(used).stream()
                .filter(doubt -> doubt.why() != Why.SPOKEN || heard(attendee, doubt))
                .toList();
    }

    private boolean heard(Attendee attendee, Doubt doubt) {
        return FoodWords.of(catalogue).in(doubt.words()).stream()
                .flatMap(named -> named.allergens().stream())
                .anyMatch(allergen -> attendee.avoids().contains(allergen.word()));
    }

    /**
     * Everything that is in doubt.
     *
     * @param used what is in this version of the dish
     */
    public List<Doubt> doubts(List<Item> used) {
        List<Doubt> all = new ArrayList<>(ofRecipe);
        used.stream().distinct().flatMap(item -> doubt(item).stream()).forEach(all::add);
        dish.lines()
                .flatMap(line -> line.said().stream())
                .map(words -> new Doubt(Why.GUESSED, words))
                .forEach(all::add);
        return all.stream().distinct().toList();
    }

    private Optional<Doubt> doubt(Item item) {
        Why why;
        if (item.isNameOnly()) {
            why = Why.UNKNOWN;
        } else if (item.takenFor().isPresent()) {
            why = Why.GUESSED;
        } else if (item.origin() == Origin.CHECK_LABEL && !labelsRead.contains(item.id())) {
            why = Why.LABEL;
        } else {
            why = null;
        }
        return why == null ? Optional.empty() : Optional.of(new Doubt(why, item.name()));
    }

    /** Whether enough is known of this version to say that it suits somebody. */
    public boolean isSure(Attendee attendee, List<Item> used) {
        List<Doubt> doubts = doubts(used);
        boolean heard = spoken.stream().anyMatch(allergen -> attendee.avoids().contains(allergen.word()));
        return attendee.ownWords().isEmpty() && !heard && doubts.stream().allMatch(doubt -> doubt.why() == Why.SPOKEN);
    }

    /**
     * What somebody avoids and this version is made without; nothing, where anything in it is in doubt.
     *
     * @param used what is in this version of the dish
     */
    public List<String> madeWithout(Attendee attendee, List<Item> used) {
        if (doubts(used).stream().anyMatch(doubt -> doubt.why() != Why.SPOKEN)) {
            return List.of();
        }
        return attendee.avoids().stream()
                .filter(word ->
                        spoken.stream().noneMatch(allergen -> allergen.word().equals(word)))
                .filter(word -> used.stream()
                        .noneMatch(item -> OwnMenu.avoided(item, attendee).contains(word) || isKindOf(item, word)))
                .toList();
    }

    /** Tomato purée, for somebody who avoids tomatoes. */
    private boolean isKindOf(Item item, String avoided) {
        List<String> words =
                catalogue.find(avoided).map(Item::name).map(ItemFinder::words).orElse(List.of());
        return !words.isEmpty()
                && Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                        .anyMatch(name -> ItemFinder.words(name).containsAll(words));
    }
}
