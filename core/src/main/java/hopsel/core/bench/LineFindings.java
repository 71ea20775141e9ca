package hopsel.core.bench;

import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.food.ByEye;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.UsualTime;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ItemFinder;
import hopsel.core.recipe.PrepWords;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What there is to say about ingredient lines: amounts, origins, shares, and what has to match. */
final class LineFindings extends Findings {

    /** What is left on a list goes in where things come together. */
    private static final Set<Technique> PUTS_TOGETHER =
            EnumSet.of(Technique.ASSEMBLE, Technique.FILL, Technique.DRESS, Technique.SERVE);

    private static final Set<Technique> STIRS = EnumSet.of(Technique.MIX, Technique.BLEND);

    private static final BigDecimal NEARLY_ALL = new BigDecimal("0.999");
    private static final Set<Technique> IN_FAT = EnumSet.of(Technique.FRY, Technique.SWEAT);
    private static final Set<Technique> TAKES_IN = EnumSet.of(
            Technique.MIX,
            Technique.WHISK,
            Technique.BLEND,
            Technique.KNEAD,
            Technique.MARINATE,
            Technique.SWEAT,
            Technique.FRY,
            Technique.BOIL,
            Technique.SIMMER,
            Technique.PRESSURE_COOK,
            Technique.DRESS,
            Technique.ASSEMBLE);
    /** Items whose label was spoken of already; one pack may serve several lines. */
    private final Set<String> labels = new HashSet<>();

    LineFindings(Draft sheet, Catalogue builtIn, FoodFlow flow) {
        super(sheet, builtIn, flow);
    }

    @Override
    void look() {
        sheet.dish().lines().forEach(this::line);
        sheet.dish().components().forEach(this::sameTwice);
        counts();
        widths();
    }

    private void line(IngredientLine line) {
        Optional<Item> item = catalogue.find(line.item());
        String name = item.map(Item::name).orElse(line.item());
        boolean free = item.filter(LineFindings::goesByTaste).isPresent()
                || PrepWords.needsNoAmount(line.prep())
                || line.optional();
        if (line.amount().isEmpty() && !free) {
            amount(line, item, name);
        }
        line.said()
                .ifPresent(words -> object(
                        Rule.GUESSED_ITEM,
                        line.id(),
                        ("Your recipe says “%s”. It was taken for %s, which is a guess. Is it? If not, choose "
                                        + "another ingredient; until then nothing is said of what the dish is "
                                        + "made without.")
                                .formatted(words, name),
                        "Yes, it is " + name,
                        now -> now.eachLine(own -> own.id().equals(line.id()) ? own.confirmed() : own)));
        if (item.isEmpty() || item.get().isNameOnly()) {
            unknown(line, name);
        } else {
            origin(line, item.get());
        }
        line.amount()
                .filter(amount -> item.isPresent()
                        && sheet.weigher().grams(item.get(), amount).isEmpty())
                .ifPresent(amount -> object(
                        Rule.UNWEIGHABLE,
                        line.id(),
                        "%s in %s: weight unknown. Write the weight, or add to the catalogue what %s weighs."
                                .formatted(
                                        name,
                                        amount.size().orElse(amount.unit().word()),
                                        amount.unit() == Unit.PIECE ? "a piece" : "a spoon of it")));
        if (sheet.home(line.id()).filter(this::isOnlyListed).isEmpty()) {
            used(line, name);
        }
        made(line, name);
        item.ifPresent(known -> heat(line, known));
        if (item.isPresent() && line.amount().isPresent()) {
            beans(line, item.get());
        }
    }

    private void unknown(IngredientLine line, String name) {
        String message = ("“%s” isn't in the catalogue, so its weight and allergens are unknown. Choose one from the "
                        + "catalogue, or add it.")
                .formatted(name);
        Optional<Item> nearest = ItemFinder.of(builtIn).nearest(name);
        if (nearest.isPresent()) {
            object(
                    Rule.UNKNOWN_ITEM,
                    line.id(),
                    message,
                    "It is " + nearest.get().name(),
                    now -> changed(now, line, own -> own.of(nearest.get().id(), own.amount(), own.prep())));
        } else {
            object(Rule.UNKNOWN_ITEM, line.id(), message);
        }
    }

    private static Optional<Step> lastThat(Component component, Set<Technique> does) {
        return component.steps().stream()
                .filter(step -> TechniqueReader.of(step).stream().anyMatch(does::contains))
                .reduce((a, b) -> b);
    }

    private static boolean goesByTaste(Item item) {
        return item.has(Trait.SEASONING) || item.has(Trait.TAP);
    }

    private void amount(IngredientLine line, Optional<Item> item, String name) {
        Optional<ByEye.Estimate> estimate = item.flatMap(known -> FoodFindings.estimate(known, line, sheet.dish()));
        if (estimate.isPresent()) {
            object(
                    Rule.AMOUNT_MISSING,
                    line.id(),
                    "How much %s? Give an amount, or write “to taste”.".formatted(name),
                    "By eye: " + FoodFindings.said(estimate.get()),
                    now -> changed(now, line, own -> FoodFindings.estimated(own, estimate.get())));
        } else {
            object(
                    Rule.AMOUNT_MISSING,
                    line.id(),
                    "How much %s? Give an amount, or write “to taste”.".formatted(name),
                    "To taste",
                    now -> changed(now, line, LineFindings::toTaste));
        }
    }

    private static Draft changed(Draft now, IngredientLine line, UnaryOperator<IngredientLine> rule) {
        return now.eachLine(own -> own.id().equals(line.id()) ? rule.apply(own) : own);
    }

    private static IngredientLine toTaste(IngredientLine line) {
        String before = line.prep().map(prep -> prep + ", ").orElse("");
        return line.withPrep(Optional.of(before + "to taste"));
    }

    private void origin(IngredientLine line, Item item) {
        Optional<KnownSubstitution> other = KnownSubstitution.firstFor(item.id(), KnownSubstitution.Why.ANIMAL);
        if (item.origin() == Origin.ANIMAL) {
            if (other.isPresent()) {
                object(
                        Rule.NOT_PLANT,
                        line.id(),
                        "Not plant-based: %s.".formatted(item.name()),
                        "Use " + builtIn.get(other.get().use()).name(),
                        now -> Substitutions.apply(now, line.id(), other.get(), builtIn));
            } else {
                object(
                        Rule.NOT_PLANT,
                        line.id(),
                        "Not plant-based: %s. Swap it for something that is.".formatted(item.name()));
            }
        } else if (item.origin() == Origin.CHECK_LABEL && labels.add(item.id())) {
            object(
                    Rule.CHECK_LABEL,
                    line.id(),
                    "Some brands of %s aren't vegan: check the label of this pack for this class."
                            .formatted(item.name()));
        }
    }

    /** Where something that nobody spoke of most likely goes in: where things come together, or are cooked. */
    private boolean takesIn(Step step, IngredientLine line) {
        boolean fat =
                catalogue.find(line.item()).filter(item -> item.has(Trait.FAT)).isPresent();
        boolean fried = sheet.dish().steps().anyMatch(other -> does(other, IN_FAT));
        return does(step, fat && fried ? IN_FAT : TAKES_IN);
    }

    private static boolean does(Step step, Set<Technique> techniques) {
        return TechniqueReader.of(step).stream().anyMatch(techniques::contains);
    }

    private void used(IngredientLine line, String name) {
        BigDecimal used = sheet.dish()
                .steps()
                .flatMap(step -> step.uses().stream())
                .filter(use -> use.ingredient().equals(line.id()))
                .map(Use::share)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        Optional<Step> last = sheet.dish()
                .steps()
                .filter(step ->
                        step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id())))
                .reduce((a, b) -> b);
        if (used.signum() == 0) {
            Optional<Step> home = sheet.home(line.id())
                    .flatMap(component -> component.steps().stream()
                            .filter(step -> takesIn(step, line))
                            .findFirst()
                            .or(() -> lastThat(component, PUTS_TOGETHER))
                            .or(() -> lastThat(component, STIRS))
                            .or(() -> component.steps().stream()
                                    .filter(step -> step.work() == Work.HANDS)
                                    .findFirst())
                            .or(() -> component.steps().stream().findFirst()))
                    .or(() -> sheet.dish().steps().reduce((a, b) -> b));
            if (home.isPresent()) {
                object(
                        Rule.LINE_UNUSED,
                        line.id(),
                        "On the list, but in no step: %s.".formatted(name),
                        "Use it at “%s”".formatted(home.get().title()),
                        now -> Edits.use(now, home.get().id(), line.id(), BigDecimal.ONE));
            } else {
                object(Rule.LINE_UNUSED, line.id(), "On the list, but in no step: %s.".formatted(name));
            }
        } else if (used.compareTo(NEARLY_ALL) < 0) {
            BigDecimal rest = BigDecimal.ONE.subtract(used);
            Use here = last.get().uses().stream()
                    .filter(use -> use.ingredient().equals(line.id()))
                    .findFirst()
                    .orElseThrow();
            object(
                    Rule.SHARES_OPEN,
                    line.id(),
                    "Only %s of %s is used; where does the rest go?".formatted(percent(used), name),
                    "Use the rest at “%s”".formatted(last.get().title()),
                    now -> Edits.use(
                            now, last.get().id(), line.id(), here.share().add(rest)));
        }
    }

    /** Steamed cauliflower on the list, and no step that steams it. */
    private void made(IngredientLine line, String name) {
        Optional<PrepWords.Done> done =
                PrepWords.doneBefore(line.prep().orElse("") + " " + (name.endsWith(", cooked") ? "cooked" : ""));
        boolean isDone = done.filter(what -> sheet.dish()
                        .steps()
                        .filter(step -> holds(step, line))
                        .anyMatch(step -> TechniqueReader.of(step).contains(what.technique())))
                .isPresent();
        String shortName = catalogue.find(line.item()).map(Item::shortName).orElse(name);
        boolean grain =
                catalogue.find(line.item()).filter(UsualTime::isDryGrain).isPresent();
        if (done.isPresent() && !isDone && !grain) {
            object(
                    Rule.MADE_NOWHERE,
                    line.id(),
                    "%s: the list says %s, but no step does that."
                            .formatted(name, done.get().word()),
                    "Add the step",
                    now -> Insertions.madeBefore(now, line.id(), done.get(), shortName));
        }
    }

    /** Whether the line goes in at a step, or went in before it. */
    private boolean holds(Step step, IngredientLine line) {
        return flow.product(step.id()).stream().anyMatch(made -> made.inIt().stream()
                .anyMatch(part -> part.line().id().equals(line.id())));
    }

    private void heat(IngredientLine line, Item item) {
        Optional<BigDecimal> limit = item.practice().hotPerServing();
        Optional<BigDecimal> grams =
                line.amount().flatMap(amount -> sheet.weigher().grams(item, amount));
        if (limit.isEmpty() || grams.isEmpty()) {
            return;
        }
        BigDecimal each = Decimals.ratio(grams.get(), sheet.dish().servings());
        if (each.compareTo(limit.get()) > 0) {
            object(
                    Rule.TOO_HOT,
                    line.id(),
                    "%s g of %s a serving is more than most guests enjoy (%s g). A typing slip?"
                            .formatted(
                                    each.setScale(1, RoundingMode.HALF_UP).toPlainString(),
                                    item.name(),
                                    plain(limit.get())),
                    "Halve it",
                    now -> now.eachLine(own -> own.id().equals(line.id())
                            ? own.measured(Optional.of(own.amount().get().times(new BigDecimal("0.5"))))
                            : own));
        }
    }

    /** Beans and chickpeas are soaked and boiled hard. */
    private void beans(IngredientLine line, Item item) {
        boolean soaked = sheet.dish().steps().anyMatch(step -> HiddenTime.of(step)
                .filter(what -> what == HiddenTime.SOAKING)
                .isPresent());
        if (item.has(Trait.DRY_BEAN) && !soaked) {
            object(
                    Rule.DRY_BEANS,
                    line.id(),
                    "%s aren't soaked: soak them, drain, and boil hard for 10 minutes in fresh water."
                            .formatted(item.name()),
                    "Add soaking and boiling",
                    now -> Insertions.soakAndBoil(now, line.id()));
        }
    }

    private void sameTwice(Component component) {
        Map<String, IngredientLine> seen = new HashMap<>();
        for (IngredientLine line : component.ingredients()) {
            IngredientLine before = seen.putIfAbsent(line.item(), line);
            boolean same = before != null
                    && before.prep().equals(line.prep())
                    && before.amount().isPresent()
                    && line.amount().isPresent();
            if (same && before.amount().get().unit() == line.amount().get().unit()) {
                object(
                        Rule.SAME_TWICE,
                        line.id(),
                        "%s: listed twice in %s."
                                .formatted(
                                        catalogue
                                                .find(line.item())
                                                .map(Item::name)
                                                .orElse(line.item()),
                                        component.title()),
                        "Merge them",
                        now -> Insertions.oneLine(now, before.id(), line.id()));
            }
        }
    }

    /** Fillings and wrappers, patties and buns: their numbers have to agree. */
    private void counts() {
        Optional<BigDecimal> pieces = sheet.dish().yields().pieces();
        sheet.dish()
                .lines()
                .filter(line -> line.amount()
                                .filter(amount -> amount.unit() == Unit.PIECE
                                        && amount.size().isEmpty())
                                .isPresent()
                        && catalogue
                                .find(line.item())
                                .filter(item -> item.has(Trait.WRAP))
                                .isPresent())
                .forEach(line -> pieces.ifPresent(number -> {
                    if (line.amount().get().high().compareTo(number) != 0) {
                        object(
                                Rule.COUNTS,
                                line.id(),
                                "It makes %s pieces, but you have %s %s."
                                        .formatted(
                                                plain(number),
                                                plain(line.amount().get().high()),
                                                catalogue.get(line.item()).name()),
                                "Take " + plain(number),
                                now -> now.eachLine(own -> own.id().equals(line.id())
                                        ? own.measured(Optional.of(Amount.of(number, Unit.PIECE)))
                                        : own));
                    }
                }));
    }

    /** A patty has to match its bun; a filling has to fit inside its wrapper. */
    private void widths() {
        sheet.dish().yields().pieceWidth().ifPresent(width -> sheet.dish()
                .lines()
                .forEach(line -> {
                    Optional<BigDecimal> other = catalogue.find(line.item()).flatMap(item -> item.practice()
                            .width());
                    boolean bun = catalogue
                            .find(line.item())
                            .filter(item -> item.has(Trait.COOKED))
                            .isPresent();
                    boolean fits = other.isEmpty()
                            || (bun
                                    ? other.get().subtract(width).abs().compareTo(BigDecimal.ONE) <= 0
                                    : width.compareTo(other.get()) < 0);
                    if (!fits) {
                        BigDecimal better = bun
                                ? other.get()
                                : other.get().multiply(new BigDecimal("0.6")).setScale(0, RoundingMode.HALF_UP);
                        object(
                                Rule.WIDTHS,
                                line.id(),
                                "The pieces are %s cm wide, but %s %s cm: they don't match."
                                        .formatted(
                                                plain(width),
                                                catalogue.get(line.item()).name(),
                                                plain(other.get())),
                                "Make them %s cm".formatted(plain(better)),
                                now -> now.making(yields -> yields.withPieceWidth(Optional.of(better))));
                    }
                }));
    }

    private static String percent(BigDecimal share) {
        return share.multiply(BigDecimal.valueOf(100))
                        .setScale(0, RoundingMode.HALF_UP)
                        .toPlainString() + " %";
    }
}
