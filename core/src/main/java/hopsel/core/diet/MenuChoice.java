package hopsel.core.diet;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.item.Trait;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * One menu for everybody, or several: what each attendee can eat as it is written, the smallest change after which all
 * eat the same, and the fewest kinds of kit without it.
 *
 * @param cells what becomes of each dish for each attendee, by attendee, then dish
 * @param oneMenu changes after which everybody eats the same, with as few products that are not in the dishes as can
 *     be; empty list: everybody does already
 * @param stuck ingredients that somebody avoids and nothing suits everybody in the place of
 * @param kits kinds of kit, as few as can be while those who can have the dishes as written keep them, the one with the
 *     fewest changes first
 */
public record MenuChoice(List<Cell> cells, List<Change> oneMenu, List<Stuck> stuck, List<SameKit> kits) {

    /** Whether a dish suits somebody. */
    public enum Suits {
        FINE,
        SUBSTITUTED,
        LEFT_OUT,
        UNSURE,
        CANNOT
    }

    /**
     * A dish for an attendee.
     *
     * @param attendee who
     * @param dish id
     * @param suits the worst of its lines
     * @param lines those that are not as written, with why
     * @param doubts why nobody can say that it suits; empty: somebody can
     */
    public record Cell(Attendee attendee, String dish, Suits suits, List<LineServing> lines, List<Doubt> doubts) {}

    /** A line that is not served as written. */
    public record LineServing(IngredientLine line, Serving serving) {}

    /**
     * An ingredient that is changed for everybody.
     *
     * @param item id
     * @param use what comes in its place; empty: it is left out where it is optional
     * @param cost how much more that costs for the demo batch's amounts; empty: a price is not known
     */
    public record Change(String item, Optional<Substitution> use, Optional<BigDecimal> cost) {}

    /** An ingredient for which nothing suits everybody, and who avoids it. */
    public record Stuck(String item, List<String> names) {}

    /**
     * A kind of kit.
     *
     * @param attendees who get it
     * @param changes what is different in it
     * @param variants what they get of dishes of which not everybody has the same
     */
    public record SameKit(List<Attendee> attendees, List<Change> changes, List<String> variants) {}

    /** Keeps its own copies. */
    public MenuChoice {
        cells = List.copyOf(cells);
        oneMenu = List.copyOf(oneMenu);
        stuck = List.copyOf(stuck);
        kits = List.copyOf(kits);
    }

    /**
     * The choice of a class.
     *
     * @param labelsRead ids of items whose labels somebody read for this class
     */
    public static MenuChoice of(CookingClass cooking, Catalogue builtIn, Set<String> labelsRead) {
        return new Search(cooking, builtIn, labelsRead).choice();
    }

    private static final class Search {

        private final CookingClass cooking;
        private final Catalogue catalogue;
        private final OwnMenu menu;
        private final Set<String> labelsRead;
        /** Every item of a line; an item is optional where all its lines are. */
        private final Map<String, Boolean> items = new TreeMap<>();

        private final Map<String, List<Optional<Substitution>>> options = new LinkedHashMap<>();

        Search(CookingClass cooking, Catalogue builtIn, Set<String> labelsRead) {
            this.labelsRead = labelsRead;
            this.cooking = cooking;
            this.catalogue = cooking.catalogue(builtIn);
            this.menu = OwnMenu.of(cooking, builtIn);
            cooking.dishes().stream()
                    .flatMap(Dish::lines)
                    .forEach(line -> items.merge(line.item(), line.optional(), Boolean::logicalAnd));
            items.keySet().stream()
                    .filter(item -> cooking.attendees().stream().anyMatch(attendee -> meets(item, attendee)))
                    .forEach(item -> options.put(item, options(item)));
        }

        /** As it is, then each substitution in the order of preference, then left out where that may be. */
        private List<Optional<Substitution>> options(String item) {
            List<Optional<Substitution>> all = new ArrayList<>();
            cooking.substitutions().stream()
                    .filter(own -> own.replaced().equals(item))
                    .map(Optional::of)
                    .forEach(all::add);
            return all;
        }

        /** Whether something that somebody avoids is in what they get. */
        private boolean meets(String item, Attendee attendee) {
            return !suits(item, attendee)
                    && own(attendee).anyMatch(dish -> dish.lines()
                            .anyMatch(line -> line.item().equals(item)));
        }

        private Stream<Dish> own(Attendee attendee) {
            return cooking.dishes().stream().map(dish -> menu.own(dish, attendee));
        }

        private boolean suits(String item, Attendee attendee) {
            return OwnMenu.avoided(catalogue.get(item), attendee).isEmpty();
        }

        MenuChoice choice() {
            List<Cell> cells = new ArrayList<>();
            List<DishCheck> checks = cooking.dishes().stream()
                    .map(dish -> DishCheck.of(dish, catalogue, labelsRead))
                    .toList();
            cooking.attendees().forEach(attendee -> {
                for (int i = 0; i < checks.size(); i++) {
                    cells.add(cell(attendee, cooking.dishes().get(i), checks.get(i)));
                }
            });
            List<Stuck> stuck = new ArrayList<>();
            List<Change> one = oneMenu(stuck);
            return new MenuChoice(cells, one, stuck, kits());
        }

        private Cell cell(Attendee attendee, Dish whole, DishCheck ofWhole) {
            Dish dish = menu.own(whole, attendee);
            DishCheck check = dish.equals(whole) ? ofWhole : DishCheck.of(dish, catalogue, labelsRead);
            List<LineServing> lines = dish.lines()
                    .map(line -> new LineServing(line, menu.serve(dish, line, attendee)))
                    .filter(line -> !line.serving.equals(new Serving.AsWritten(List.of())))
                    .toList();
            Suits worst = lines.stream()
                    .map(line -> {
                        if (line.serving instanceof Serving.CannotServe) {
                            return Suits.CANNOT;
                        }
                        if (line.serving instanceof Serving.LeftOut) {
                            return Suits.LEFT_OUT;
                        }
                        if (line.serving instanceof Serving.AsWritten) {
                            return Suits.FINE;
                        }
                        return Suits.SUBSTITUTED;
                    })
                    .max(Comparator.naturalOrder())
                    .orElse(Suits.FINE);
            List<Item> used = menu.used(dish, attendee);
            boolean unsure = worst != Suits.CANNOT && !check.isSure(attendee, used);
            return new Cell(
                    attendee,
                    dish.id(),
                    unsure ? Suits.UNSURE : worst,
                    lines,
                    unsure ? check.doubtsFor(attendee, used) : List.of());
        }

        /**
         * Every ingredient that somebody avoids gets one that suits all; with as few new products as can be, then as
         * cheap.
         */
        private List<Change> oneMenu(List<Stuck> stuck) {
            List<String> products = new ArrayList<>();
            List<BitSet> sets = new ArrayList<>();
            List<String> changed = new ArrayList<>();
            for (String item : options.keySet()) {
                List<Substitution> fit = fit(item);
                if (fit.isEmpty() && !Known.in(items, item)) {
                    stuck.add(new Stuck(
                            item,
                            cooking.attendees().stream()
                                    .filter(attendee -> meets(item, attendee))
                                    .map(Attendee::name)
                                    .toList()));
                    continue;
                }
                changed.add(item);
                // What is left out needs no product, and what is in the class already is none more.
                if (!Known.in(items, item) && fit.stream().noneMatch(own -> items.containsKey(own.use()))) {
                    BitSet set = new BitSet();
                    fit.forEach(own -> set.set(number(products, own.use())));
                    sets.add(set);
                }
            }
            long[] weights = products.stream()
                    .mapToLong(product -> price(product)
                            .map(price -> price.movePointRight(6).longValue())
                            .orElse(0L))
                    .toArray();
            BitSet chosen = sets.isEmpty() ? new BitSet() : HittingSet.of(sets, weights);
            return changed.stream()
                    .map(item -> change(item, fit(item), products, chosen))
                    .toList();
        }

        private List<Substitution> fit(String item) {
            return Known.in(options, item).stream()
                    .flatMap(Optional::stream)
                    .filter(own -> isForARoom(item, own))
                    .filter(own -> cooking.attendees().stream().allMatch(attendee -> suits(own.use(), attendee)))
                    .toList();
        }

        /** Stock in place of oil is one guest's wish; a room's pastry and pans need their fat. */
        private boolean isForARoom(String item, Substitution own) {
            return !catalogue.get(item).has(Trait.FAT)
                    || catalogue.get(own.use()).has(Trait.FAT);
        }

        private static int number(List<String> products, String product) {
            if (!products.contains(product)) {
                products.add(product);
            }
            return products.indexOf(product);
        }

        private Change change(String item, List<Substitution> fit, List<String> products, BitSet chosen) {
            Optional<Substitution> use = fit.stream()
                    .filter(own -> items.containsKey(own.use()))
                    .findFirst()
                    .or(() -> fit.stream()
                            .filter(own -> products.contains(own.use()) && chosen.get(products.indexOf(own.use())))
                            .findFirst());
            return new Change(item, use, use.flatMap(own -> cost(item, own)));
        }

        /** What the change adds to the price of the grams in the recipes as they are written. */
        private Optional<BigDecimal> cost(String item, Substitution use) {
            Optional<BigDecimal> before = price(item);
            Optional<BigDecimal> after = price(use.use());
            if (before.isEmpty() || after.isEmpty()) {
                return Optional.empty();
            }
            BigDecimal grams = cooking.dishes().stream()
                    .flatMap(Dish::lines)
                    .filter(line -> line.item().equals(item))
                    .map(line -> line.amount()
                            .flatMap(amount -> cooking.weigher().grams(catalogue.get(item), amount))
                            .orElse(BigDecimal.ZERO))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            return Optional.of(
                    grams.multiply(after.get().multiply(use.ratio()).subtract(before.get()), Decimals.EXACT));
        }

        private Optional<BigDecimal> price(String id) {
            Item item = catalogue.get(id);
            return item.packs().stream()
                    .map(pack -> Decimals.ratio(pack.price(), pack.grams()))
                    .min(Comparator.naturalOrder());
        }

        /**
         * Everybody who can be served at all, in as few kinds of kit as can be; who can have the dishes as they are
         * written keeps them so. Where nobody gets a kit, everybody is reckoned as if they did.
         */
        private List<SameKit> kits() {
            boolean packed = cooking.attendees().stream()
                    .anyMatch(attendee -> attendee.gets().kit());
            List<Attendee> served = cooking.attendees().stream()
                    .filter(attendee -> !packed || attendee.gets().kit())
                    .filter(attendee -> options.keySet().stream().allMatch(item -> mask(item, attendee) != 0))
                    .toList();
            if (served.isEmpty()) {
                return List.of();
            }
            List<String> all = List.copyOf(options.keySet());
            long[][] people = served.stream()
                    .map(attendee ->
                            all.stream().mapToLong(item -> mask(item, attendee)).toArray())
                    .toArray(long[][]::new);
            Map<Integer, List<Integer>> members = new TreeMap<>();
            List<Integer> others = new ArrayList<>();
            for (int person = 0; person < people.length; person++) {
                if (Arrays.stream(people[person]).allMatch(choices -> (choices & 1) == 1)) {
                    members.computeIfAbsent(-1, any -> new ArrayList<>()).add(person);
                } else {
                    others.add(person);
                }
            }
            int[] groups = others.isEmpty()
                    ? new int[0]
                    : FewestKits.of(
                            others.stream().map(person -> people[person]).toArray(long[][]::new));
            for (int i = 0; i < groups.length; i++) {
                members.computeIfAbsent(groups[i], any -> new ArrayList<>()).add(others.get(i));
            }
            return members.values().stream()
                    .flatMap(group -> byVariant(group, served))
                    .map(group -> kind(group, served, all, people))
                    .sorted(Comparator.comparingInt(kind -> kind.changes.size()))
                    .toList();
        }

        private Stream<List<Integer>> byVariant(List<Integer> group, List<Attendee> served) {
            Map<List<String>, List<Integer>> same = new LinkedHashMap<>();
            group.forEach(person -> same.computeIfAbsent(variants(served.get(person)), any -> new ArrayList<>())
                    .add(person));
            return same.values().stream();
        }

        private List<String> variants(Attendee attendee) {
            return own(attendee)
                    .filter(dish -> !dish.variants().isEmpty())
                    .map(Dish::titleForSome)
                    .toList();
        }

        private SameKit kind(List<Integer> group, List<Attendee> served, List<String> all, long[][] people) {
            List<Change> changes = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                long both = -1;
                for (int person : group) {
                    both &= people[person][i];
                }
                int option = Long.numberOfTrailingZeros(both);
                if (option > 0) {
                    List<Optional<Substitution>> own = Known.in(options, all.get(i));
                    Optional<Substitution> use = option <= own.size() ? own.get(option - 1) : Optional.empty();
                    String item = all.get(i);
                    changes.add(new Change(item, use, use.flatMap(substitution -> cost(item, substitution))));
                }
            }
            return new SameKit(group.stream().map(served::get).toList(), changes, variants(served.get(group.get(0))));
        }

        /** Bit 0: as it is; then each substitution; then left out. */
        private long mask(String item, Attendee attendee) {
            long mask = meets(item, attendee) ? 0 : 1;
            List<Optional<Substitution>> own = Known.in(options, item);
            for (int i = 0; i < own.size(); i++) {
                mask |= suits(own.get(i).orElseThrow().use(), attendee) ? 2L << i : 0;
            }
            return Known.in(items, item) ? mask | 2L << own.size() : mask;
        }
    }

    /**
     * The class packed in the fewest kinds of kit: everybody gets what their kind gets, and nothing else is changed.
     */
    public CookingClass packed(CookingClass cooking) {
        return cooking.withAttendees(cooking.attendees().stream()
                .map(attendee -> kits.stream()
                        .filter(kind -> kind.attendees.contains(attendee))
                        .findFirst()
                        .map(kind -> attendee.served(served(kind)))
                        .orElse(attendee))
                .toList());
    }

    private static Map<String, String> served(SameKit kind) {
        Map<String, String> served = new TreeMap<>();
        kind.changes.forEach(change ->
                served.put(change.item, change.use.map(Substitution::use).orElse("")));
        return served;
    }

    /** The class with one menu for everybody. */
    public CookingClass applied(CookingClass cooking, Catalogue builtIn) {
        CookingClass wanted = cooking;
        for (Change change : oneMenu) {
            CookingClass before = wanted;
            wanted = change.use
                    .map(use -> StandIn.apply(before, builtIn, change.item, use.use(), use.ratio()))
                    .orElseGet(() -> StandIn.without(before, change.item));
        }
        return wanted;
    }

    /** Products that the changes bring in which no dish has yet. */
    public Set<String> newProducts(CookingClass cooking) {
        Set<String> products = new LinkedHashSet<>();
        oneMenu.forEach(change -> change.use
                .map(Substitution::use)
                .filter(use -> cooking.dishes().stream().flatMap(Dish::lines).noneMatch(line -> line.item()
                        .equals(use)))
                .ifPresent(products::add));
        return products;
    }
}
