package hopsel.core.kit;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Bags that are mixed once for several kits and shared out by weight, chosen so that the least has to be weighed.
 *
 * <p>What goes in whole at one step may share a bag: dry with dry, what is poured with what is poured; neither what is
 * found by taste or counted, nor what stays cold, nor what is a guess. A mix of n things for k kits is n + k weighings
 * in place of n × k. An item of which some is needed at another moment of its dish, too, is weighed there unless that
 * is mixed as well. The choice is exact ({@link Selection}).
 *
 * @param mixes in the order of the dishes and steps
 */
public record Mixing(List<Mix> mixes) {

    /** Every bag by itself. */
    public static final Mixing NONE = new Mixing(List.of());

    private static final int FEWEST = 2;
    /** No item of a catalogue has one like it. */
    private static final String PREFIX = "mix:";
    /** Digits to which the parts of two kits stand in the same proportion. */
    private static final MathContext ALIKE = new MathContext(12);

    private static final Set<Trait> NOT_POURED = Set.of(Trait.FAT, Trait.CREAMY, Trait.KEEP_COLD, Trait.GELS);
    private static final Set<Trait> UNEVEN = Set.of(
            Trait.CRUNCH, Trait.PULSE, Trait.DRY_BEAN, Trait.DRIED, Trait.WRAP, Trait.PASTA, Trait.RICE, Trait.STARCHY);

    /** Keeps its own copy. */
    public Mixing {
        mixes = List.copyOf(mixes);
    }

    /** Whether an item divides evenly in a mix of a kind. */
    private enum Pours {
        DRY,
        POURED,
        /** Sugar and salt: dry among what is dry, and gone in what is poured. */
        DISSOLVES
    }

    /** A moment at which something goes into a dish. */
    private record Moment(String dish, String step, String title, boolean poured) {}

    /** Something of a kit that may be mixed. */
    private record Piece(String attendee, Moment moment, Kit.Line line, BigDecimal grams) {}

    /** Kits whose parts stand in the same proportion at a moment; all may be weighed from one mix. */
    private record Lot(Moment moment, int number, List<List<Piece>> kits) {

        private Choice key() {
            return new Choice(moment, number, "");
        }
    }

    /** A part of a lot; without a line the lot itself. */
    private record Choice(Moment moment, int number, String line) {}

    /** A kit's portion that is weighed no more once all of its lines are mixed. */
    private record Saved(Set<Choice> lines) {}

    /** The mixes with which the fewest weighings are left. */
    public static Mixing of(CookingClass cooking, Catalogue catalogue, List<Kit> kits) {
        List<Lot> lots = lots(cooking, catalogue, kits);
        Selection selection = new Selection();
        Map<String, Map<String, Choice>> mixable = new HashMap<>();
        for (Lot lot : lots) {
            selection.price(lot.key(), lot.kits.size(), List.of());
            for (Piece piece : lot.kits.get(0)) {
                selection.price(choice(lot, piece), 1, List.of(lot.key()));
            }
            lot.kits.forEach(kit -> kit.forEach(piece -> mixable.computeIfAbsent(piece.attendee, any -> new HashMap<>())
                    .put(key(piece.line), choice(lot, piece))));
        }
        Map<Set<Choice>, Integer> saved = new LinkedHashMap<>();
        kits.forEach(kit -> saved(kit, mixable.getOrDefault(kit.attendee().id(), Map.of()))
                .forEach(needs -> saved.merge(needs, 1, Integer::sum)));
        saved.forEach((needs, count) -> selection.gain(new Saved(needs), count, needs));
        Set<Object> best = selection.best();
        return new Mixing(lots.stream()
                .filter(lot -> best.contains(lot.key()))
                .map(lot -> mix(lot, best, catalogue))
                .toList());
    }

    private static Choice choice(Lot lot, Piece piece) {
        return new Choice(lot.moment, lot.number, piece.line.line());
    }

    private static String key(Kit.Line line) {
        return line.dish() + "/" + line.line();
    }

    /** For each portion of a kit that could be mixed whole, what has to be mixed for it. */
    private static List<Set<Choice>> saved(Kit kit, Map<String, Choice> mixable) {
        Map<Portion.Key, List<Kit.Line>> portions = kit.lines().stream()
                .collect(Collectors.groupingBy(
                        line -> new Portion.Key(line.dish(), line.item()), LinkedHashMap::new, Collectors.toList()));
        return portions.values().stream()
                .filter(lines -> lines.stream().allMatch(line -> mixable.containsKey(key(line))))
                .map(lines ->
                        lines.stream().map(line -> Known.in(mixable, key(line))).collect(Collectors.toSet()))
                .toList();
    }

    private static List<Lot> lots(CookingClass cooking, Catalogue catalogue, List<Kit> kits) {
        Map<Moment, Map<String, List<List<Piece>>>> alike = new LinkedHashMap<>();
        for (Dish dish : cooking.dishes()) {
            Map<String, Step> moments = moments(dish);
            for (Kit kit : kits) {
                pieces(kit, dish, moments, catalogue)
                        .forEach((moment, pieces) -> alike.computeIfAbsent(moment, any -> new LinkedHashMap<>())
                                .computeIfAbsent(proportion(pieces), any -> new ArrayList<>())
                                .add(pieces));
            }
        }
        List<Lot> lots = new ArrayList<>();
        alike.forEach((moment, own) -> {
            int number = 0;
            for (List<List<Piece>> together : own.values()) {
                number++;
                if (together.size() >= FEWEST && together.get(0).size() >= FEWEST) {
                    lots.add(new Lot(moment, number, together));
                }
            }
        });
        return lots;
    }

    /** The step at which a line goes in, for lines that go in whole at one. */
    private static Map<String, Step> moments(Dish dish) {
        Map<String, List<Step>> at = new HashMap<>();
        dish.steps().forEach(step -> step.uses().stream().map(Use::ingredient).forEach(line -> at.computeIfAbsent(
                        line, any -> new ArrayList<>())
                .add(step)));
        return at.entrySet().stream()
                .filter(entry -> entry.getValue().size() == 1
                        && isWhole(entry.getKey(), entry.getValue().get(0)))
                .collect(Collectors.toMap(
                        Map.Entry::getKey, entry -> entry.getValue().get(0)));
    }

    private static boolean isWhole(String line, Step step) {
        return step.uses().stream()
                .filter(use -> use.ingredient().equals(line))
                .allMatch(use -> use.share().compareTo(BigDecimal.ONE) == 0);
    }

    private static Map<Moment, List<Piece>> pieces(Kit kit, Dish dish, Map<String, Step> moments, Catalogue catalogue) {
        Map<String, List<Kit.Line>> bySteps = new LinkedHashMap<>();
        kit.lines().stream()
                .filter(line -> line.dish().equals(dish.id()) && moments.containsKey(line.line()))
                .filter(line ->
                        isWeighed(line) && pours(catalogue.get(line.item())).isPresent())
                .forEach(line -> bySteps.computeIfAbsent(
                                Known.in(moments, line.line()).id(), any -> new ArrayList<>())
                        .add(line));
        Map<Moment, List<Piece>> pieces = new LinkedHashMap<>();
        bySteps.forEach((step, lines) -> {
            boolean dry = lines.stream().anyMatch(line -> is(line, Pours.DRY, catalogue));
            for (Kit.Line line : lines) {
                boolean poured = is(line, Pours.POURED, catalogue) || !dry && is(line, Pours.DISSOLVES, catalogue);
                Moment moment = new Moment(
                        dish.id(), step, Known.in(moments, line.line()).title(), poured);
                BigDecimal grams =
                        Decimals.ratio(line.grams(), catalogue.get(line.item()).edibleShare());
                pieces.computeIfAbsent(moment, any -> new ArrayList<>())
                        .add(new Piece(kit.attendee().id(), moment, line, grams));
            }
        });
        return pieces;
    }

    private static boolean isWeighed(Kit.Line line) {
        return !line.counted()
                && line.grams().signum() > 0
                && line.certain().isEmpty()
                && line.byTaste().isEmpty();
    }

    private static boolean is(Kit.Line line, Pours pours, Catalogue catalogue) {
        return pours(catalogue.get(line.item())).filter(pours::equals).isPresent();
    }

    /** How an item divides; empty: it does not, or nobody has said what it is. */
    private static Optional<Pours> pours(Item item) {
        boolean cold = item.has(Trait.KEEP_COLD)
                || item.storage().filter(own -> own != Storage.AMBIENT).isPresent();
        if (cold || item.takenFor().isPresent() || item.gramsPerMl().isEmpty()) {
            return Optional.empty();
        }
        if (item.has(Trait.DRY) && item.traits().stream().noneMatch(UNEVEN::contains)) {
            boolean dissolves = item.has(Trait.LASTING) && (item.has(Trait.SWEET) || item.has(Trait.SEASONING));
            return Optional.of(dissolves ? Pours.DISSOLVES : Pours.DRY);
        }
        boolean thin =
                item.has(Trait.LIQUID) || item.has(Trait.PASTE) && (item.has(Trait.UMAMI) || item.has(Trait.ACID));
        return thin && item.traits().stream().noneMatch(NOT_POURED::contains)
                ? Optional.of(Pours.POURED)
                : Optional.empty();
    }

    private static String proportion(List<Piece> pieces) {
        BigDecimal first = pieces.get(0).grams;
        return pieces.stream()
                .map(piece -> "%s %s %s"
                        .formatted(
                                piece.line.line(),
                                piece.line.item(),
                                piece.grams.divide(first, ALIKE).toPlainString()))
                .collect(Collectors.joining("\n"));
    }

    private static Mix mix(Lot lot, Set<Object> best, Catalogue catalogue) {
        List<Piece> chosen = lot.kits.get(0).stream()
                .filter(piece -> best.contains(choice(lot, piece)))
                .toList();
        Set<String> lines = chosen.stream().map(piece -> piece.line.line()).collect(Collectors.toSet());
        Map<String, BigDecimal> shares = new TreeMap<>();
        Map<String, BigDecimal> exact = new LinkedHashMap<>();
        for (List<Piece> kit : lot.kits) {
            for (Piece piece : kit) {
                if (lines.contains(piece.line.line())) {
                    shares.merge(piece.attendee, piece.grams, BigDecimal::add);
                    exact.merge(piece.line.line(), piece.grams, BigDecimal::add);
                }
            }
        }
        Mix.Blend blend = blend(lot.moment, chosen, catalogue);
        String id = id(lot.moment, proportion(chosen));
        Mix plain = new Mix(id, lot.moment.dish, lot.moment.step, blend, lot.moment.title, List.of(), shares);
        BigDecimal more = more(plain, exact, catalogue, chosen);
        List<Mix.Part> parts = chosen.stream()
                .map(piece -> part(piece, Known.in(exact, piece.line.line()), more, catalogue))
                .toList();
        return new Mix(id, lot.moment.dish, lot.moment.step, blend, lot.moment.title, parts, shares);
    }

    /** From what is in it and not from whose turn it is: a batch is never taken for one with something else in it. */
    private static String id(Moment moment, String proportion) {
        String inside = "%08x".formatted(proportion.hashCode());
        return "%s%s-%s-%s".formatted(PREFIX, moment.dish, moment.step, inside);
    }

    /** Whether an id is that of a mix, of this packing or of one before somebody changed something. */
    public static boolean isMix(String id) {
        return id.startsWith(PREFIX);
    }

    /** What bags that are rounded up take of it, as a multiple of what the recipes ask for. */
    private static BigDecimal more(Mix mix, Map<String, BigDecimal> exact, Catalogue catalogue, List<Piece> chosen) {
        List<Mix.Part> parts = chosen.stream()
                .map(piece -> part(piece, Known.in(exact, piece.line.line()), BigDecimal.ONE, catalogue))
                .toList();
        Item bag = new Mix(mix.id(), mix.dish(), mix.step(), mix.blend(), mix.stepTitle(), parts, mix.shares())
                .item(catalogue);
        BigDecimal packed = mix.shares().values().stream()
                .map(share -> Portion.of(mix.dish(), bag, share, false).grams())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal asked = exact.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        return Decimals.ratio(packed, asked);
    }

    private static Mix.Part part(Piece piece, BigDecimal exact, BigDecimal more, Catalogue catalogue) {
        BigDecimal needed = exact.multiply(more, Decimals.EXACT);
        return new Mix.Part(
                piece.line.line(),
                piece.line.item(),
                exact,
                Portion.up(needed, Portion.step(catalogue.get(piece.line.item()), needed)));
    }

    private static Mix.Blend blend(Moment moment, List<Piece> pieces, Catalogue catalogue) {
        if (moment.poured) {
            return Mix.Blend.POURED;
        }
        List<Item> items =
                pieces.stream().map(piece -> catalogue.get(piece.line.item())).toList();
        if (items.stream().anyMatch(item -> item.has(Trait.FLOUR))) {
            return Mix.Blend.FLOUR;
        }
        return items.stream().allMatch(item -> item.has(Trait.SPICE)) ? Mix.Blend.SPICES : Mix.Blend.DRY;
    }

    /** The mix that a line of somebody's kit is in; empty: it is weighed by itself. */
    public Optional<Mix> of(String attendee, String dish, String line) {
        return mixes.stream()
                .filter(mix -> mix.dish().equals(dish) && mix.shares().containsKey(attendee))
                .filter(mix -> mix.parts().stream().anyMatch(part -> part.line().equals(line)))
                .findFirst();
    }

    /** The mix of an id. */
    public Optional<Mix> find(String id) {
        return mixes.stream().filter(mix -> mix.id().equals(id)).findFirst();
    }

    /** What is weighed for the mixes themselves. */
    public int weighings() {
        return mixes.stream().mapToInt(mix -> mix.parts().size()).sum();
    }

    /** The items of a class and its mixes, as if each were one. */
    Catalogue catalogue(Catalogue catalogue) {
        return catalogue.with(mixes.stream().map(mix -> mix.item(catalogue)).toList());
    }
}
