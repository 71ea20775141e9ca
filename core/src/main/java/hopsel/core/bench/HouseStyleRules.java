package hopsel.core.bench;

import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.OtherState;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.PrepWords;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What each school of a {@link HouseStyle} does, at work on one dish. */
final class HouseStyleRules {

    private static final BigDecimal HALF = new BigDecimal("0.5");

    private final Catalogue builtIn;
    private final List<String> changes = new ArrayList<>();
    private Draft sheet;

    HouseStyleRules(Draft sheet, Catalogue builtIn) {
        this.sheet = sheet;
        this.builtIn = builtIn;
    }

    /** The dish as it is now. */
    Draft sheet() {
        return sheet;
    }

    /** What was changed, a sentence each. */
    List<String> changes() {
        return changes;
    }

    private List<IngredientLine> lines(Predicate<Item> which) {
        Catalogue catalogue = sheet.catalogue(builtIn);
        return sheet.dish()
                .lines()
                .filter(line -> catalogue.find(line.item()).filter(which).isPresent())
                .toList();
    }

    private String name(String item) {
        return sheet.catalogue(builtIn).find(item).map(Item::name).orElse(item);
    }

    private Optional<BigDecimal> grams(IngredientLine line) {
        return line.amount().flatMap(amount -> sheet.weigher()
                .grams(sheet.catalogue(builtIn).get(line.item()), amount));
    }

    void oil(String school) {
        boolean sparing = "sparing".equals(sheet.notes().house().get(HouseStyle.Matter.OIL.word()));
        for (IngredientLine line : lines(item -> item.falls(HouseRule.OIL))) {
            boolean greasing = PrepWords.isForTheTin(line.prep());
            if (school.equals("none") && greasing) {
                sheet = Edits.removeLine(sheet, line.id());
                changes.add("%s for the tin is left out: line it with baking paper instead (not above 220 °C)."
                        .formatted(name(line.item())));
            } else if (school.equals("none")) {
                dry(line);
            } else if (school.equals("finishing")) {
                toTheEnd(
                        line,
                        "%s goes on at the end, where you taste it most; what was fried in it is done in a "
                                + "splash of water.");
            } else if (school.equals("sparing") && !sparing && line.amount().isPresent()) {
                sheet = sheet.eachLine(own -> own.id().equals(line.id())
                        ? own.measured(Optional.of(own.amount().get().times(HALF)))
                        : own);
                changes.add("Half the %s; brush it on rather than pour.".formatted(name(line.item())));
            }
        }
    }

    /** Fried in oil becomes fried in water, a spoon at a time. */
    private void dry(IngredientLine line) {
        List<Step> fried = sheet.dish()
                .steps()
                .filter(step ->
                        step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id())))
                .toList();
        boolean hot =
                fried.stream().anyMatch(step -> step.needs().stream().anyMatch(need -> need.is(PlaceKind.BURNER)));
        if (hot) {
            String water = tap();
            sheet = sheet.eachLine(own -> own.id().equals(line.id())
                    ? own.of(
                            water,
                            own.amount()
                                    .map(amount -> amount.unit() == Unit.PIECE
                                            ? Amount.of(BigDecimal.valueOf(2), Unit.TBSP)
                                            : amount),
                            Optional.of("for the pan, a spoon at a time"))
                    : own);
            for (Step step : fried) {
                sheet = Edits.change(
                        sheet,
                        step.id(),
                        own -> own.withText(Optional.of(own.instruction()
                                + " Without oil: in a dry or non-stick pan with a spoon of "
                                + "water or stock, more whenever it catches.")));
            }
            changes.add(
                    "Water or stock in place of %s; it browns less and wants stirring.".formatted(name(line.item())));
        } else {
            sheet = Edits.removeLine(sheet, line.id());
            changes.add("%s is left out.".formatted(name(line.item())));
        }
    }

    private String tap() {
        return builtIn.items().stream()
                .filter(item -> item.has(Trait.TAP))
                .map(Item::id)
                .findFirst()
                .orElseThrow();
    }

    private void toTheEnd(IngredientLine line, String sentence) {
        Optional<Step> last = lastStep();
        if (last.isPresent()) {
            sheet = sheet.eachStep(step -> step.withUses(step.uses().stream()
                    .filter(use -> !use.ingredient().equals(line.id()))
                    .toList()));
            sheet = Edits.change(
                    sheet,
                    last.get().id(),
                    step -> step.withUses(
                            Stream.concat(step.uses().stream(), Stream.of(new Use(line.id(), BigDecimal.ONE)))
                                    .toList()));
            changes.add(sentence.formatted(name(line.item())));
        }
    }

    private Optional<Step> lastStep() {
        Set<String> finals = sheet.dish().finalSteps();
        return sheet.dish().steps().filter(step -> finals.contains(step.id())).reduce((a, b) -> b);
    }

    void salt(String school) {
        for (IngredientLine line : lines(item -> item.falls(HouseRule.ADDED_SALT))) {
            boolean plain = sheet.catalogue(builtIn).get(line.item()).has(Trait.SEASONING);
            if (school.equals("none") && plain) {
                sheet = Edits.removeLine(sheet, line.id());
                changes.add(
                        "%s is left out; more acid, herbs or mushroom make up for it.".formatted(name(line.item())));
            } else if (school.equals("none")) {
                changes.add("%s brings salt of its own and was left in; take the low-salt one, or less."
                        .formatted(name(line.item())));
            } else if (school.equals("at-the-end") && plain) {
                toTheEnd(line, "%s goes on last, on the surface; about half is enough there.");
            }
        }
    }

    void beans(String school) {
        boolean dried = school.equals("dried");
        for (IngredientLine line : lines(item -> item.has(Trait.PULSE))) {
            Optional<OtherState.Link> link =
                    dried ? OtherState.CANNED.from(line.item()) : OtherState.CANNED.of(line.item());
            Optional<BigDecimal> factor = link.flatMap(found -> found.factor(builtIn));
            if (factor.isEmpty() || grams(line).isEmpty()) {
                continue;
            }
            String other = dried ? link.get().item() : link.get().other();
            Item pulse = builtIn.get(other);
            BigDecimal weight = dried
                    ? Decimals.ratio(grams(line).get(), factor.get())
                    : grams(line).get().multiply(factor.get());
            Amount amount = Amount.of(weight.setScale(0, RoundingMode.HALF_UP).max(BigDecimal.ONE), Unit.G);
            Optional<String> prep =
                    dried ? Optional.of("soaked and boiled") : link.get().prep();
            sheet = sheet.eachLine(own -> own.id().equals(line.id()) ? own.of(other, Optional.of(amount), prep) : own);
            if (dried) {
                sheet = Insertions.soakAndBoil(sheet, line.id());
                changes.add(("%s in place of the can, with soaking overnight, ten minutes of hard boiling and an "
                                + "hour of simmering as steps of their own.")
                        .formatted(pulse.name()));
            } else {
                dropSoaking(line);
                changes.add(
                        "%s, drained, in place of the dry ones; soaking and boiling are gone.".formatted(pulse.name()));
            }
        }
    }

    /**
     * Steps that only soaked or boiled the beans are not needed any more; what they used goes in where they were
     * awaited.
     */
    private void dropSoaking(IngredientLine line) {
        List<Step> mine = sheet.dish()
                .steps()
                .filter(step -> step.id().startsWith("soak-" + line.id())
                        || step.id().startsWith("boil-" + line.id())
                        || step.id().startsWith("simmer-" + line.id())
                        || HiddenTime.of(step)
                                        .filter(what -> what == HiddenTime.SOAKING)
                                        .isPresent()
                                && step.uses().stream()
                                        .anyMatch(use -> use.ingredient().equals(line.id())))
                .toList();
        for (Step step : mine) {
            Optional<Step> next = sheet.dish()
                    .steps()
                    .filter(other -> other.after().stream()
                            .anyMatch(after -> after.step().equals(step.id())))
                    .findFirst();
            List<Use> uses = sheet.step(step.id()).map(Step::uses).orElse(List.of());
            try {
                sheet = Edits.removeStep(sheet, step.id());
            } catch (RefusedEditException e) {
                throw new IllegalStateException(e);
            }
            next.ifPresent(other -> sheet = Edits.change(
                    sheet,
                    other.id(),
                    own -> own.withUses(
                            Stream.concat(own.uses().stream(), uses.stream()).toList())));
        }
    }

    void produce(String school) {
        boolean frozen = school.equals("frozen");
        for (IngredientLine line : lines(item -> true)) {
            Optional<OtherState.Link> link =
                    frozen ? OtherState.FROZEN.of(line.item()) : OtherState.FROZEN.from(line.item());
            Optional<BigDecimal> factor = link.flatMap(found -> found.factor(builtIn));
            if (factor.isEmpty()) {
                continue;
            }
            String to = frozen ? link.get().other() : link.get().item();
            BigDecimal times = frozen ? factor.get() : Decimals.ratio(BigDecimal.ONE, factor.get());
            Optional<Amount> amount =
                    grams(line).map(grams -> Amount.of(Decimals.tenths(grams.multiply(times)), Unit.G));
            Optional<String> prep = frozen ? link.get().prep() : Optional.of("washed");
            sheet = sheet.eachLine(own -> own.id().equals(line.id()) ? own.of(to, amount, prep) : own);
            changes.add((times.compareTo(BigDecimal.ONE) == 0
                            ? "%s in place of %s, the same weight."
                            : "%s in place of %s; it loses water, and weighs less frozen.")
                    .formatted(name(to), name(line.item())));
        }
    }

    void substitute(boolean yes, KnownSubstitution.Why why) throws RefusedEditException {
        for (IngredientLine line : List.copyOf(sheet.dish().lines().toList())) {
            Optional<KnownSubstitution> known = yes
                    ? KnownSubstitution.firstFor(line.item(), why)
                    : KnownSubstitution.all().stream()
                            .filter(other -> other.why() == why
                                    && other.use().equals(line.item())
                                    && sheet.notes()
                                            .house()
                                            .containsKey(why == KnownSubstitution.Why.NUTS ? "nuts" : "flour"))
                            .findFirst()
                            .map(this::reversed);
            if (known.isPresent()) {
                sheet = Substitutions.apply(sheet, line.id(), known.get(), builtIn);
                changes.add("%s in place of %s. %s"
                        .formatted(
                                name(known.get().use()),
                                name(line.item()),
                                yes ? known.get().effect() : ""));
            }
        }
    }

    private KnownSubstitution reversed(KnownSubstitution known) {
        return new KnownSubstitution(
                known.use(),
                known.replaced(),
                Decimals.ratio(BigDecimal.ONE, known.ratio()),
                known.role(),
                "",
                Decimals.ratio(BigDecimal.ONE, known.time()),
                "",
                known.why());
    }

    void peel(String school) {
        boolean on = school.equals("left-on");
        for (IngredientLine line : lines(item -> item.has(Trait.SKIN_EDIBLE))) {
            String prep = line.prep().orElse("");
            boolean peeled = prep.toLowerCase(Locale.ROOT).contains("peeled");
            if (on && peeled) {
                prepare(line, PrepWords.unpeeled(prep), "scrubbed, skin on");
                changes.add(
                        "The skin of %s stays on: scrub it. Less waste and less work.".formatted(name(line.item())));
            } else if (!on && prep.contains("scrubbed, skin on")) {
                prepare(line, PrepWords.without(prep, "scrubbed, skin on"), "peeled");
                changes.add("%s is peeled.".formatted(name(line.item())));
            }
        }
    }

    private void prepare(IngredientLine line, String rest, String first) {
        Optional<String> prep = Optional.of(rest.isEmpty() ? first : first + ", " + rest);
        sheet = sheet.eachLine(own -> own.id().equals(line.id()) ? own.of(own.item(), own.amount(), prep) : own);
    }

    void measures(String school) {
        Catalogue catalogue = sheet.catalogue(builtIn);
        boolean cups = school.equals("cups");
        List<String> written = new ArrayList<>();
        for (IngredientLine line : sheet.dish().lines().toList()) {
            Optional<Item> item = catalogue.find(line.item());
            Optional<Amount> amount = line.amount()
                    .filter(own -> own.unit() != Unit.PIECE && own.unit() != Unit.CAN && own.unit() != Unit.PINCH);
            if (item.isEmpty() || amount.isEmpty()) {
                continue;
            }
            Optional<Amount> other = cups ? spooned(item.get(), amount.get()) : weighed(item.get(), amount.get());
            other.filter(own -> own.unit() != amount.get().unit()).ifPresent(own -> {
                sheet = sheet.eachLine(mine -> mine.id().equals(line.id()) ? mine.measured(Optional.of(own)) : mine);
                written.add(item.get().name());
            });
        }
        if (!written.isEmpty()) {
            changes.add("Written in %s: %s.".formatted(cups ? "cups and spoons" : "grams", String.join(", ", written)));
        }
    }

    private Optional<Amount> weighed(Item item, Amount amount) {
        return sheet.weigher()
                .gramsPer(item, amount.unit(), Optional.empty())
                .map(each ->
                        new Amount(amount.low().multiply(each), amount.high().multiply(each), Unit.G));
    }

    private Optional<Amount> spooned(Item item, Amount amount) {
        if (sheet.measures().millilitres(amount.unit()).isPresent()
                        && amount.unit() != Unit.ML
                        && amount.unit() != Unit.L
                || item.gramsPerMl().isEmpty()) {
            return Optional.empty();
        }
        Optional<BigDecimal> each = sheet.weigher().gramsPer(item, amount.unit(), Optional.empty());
        return each.map(grams -> {
            BigDecimal ml = Decimals.ratio(
                    amount.high().multiply(grams), item.gramsPerMl().get());
            Unit unit;
            if (ml.compareTo(BigDecimal.valueOf(59)) >= 0) {
                unit = Unit.CUP;
            } else if (ml.compareTo(BigDecimal.valueOf(14)) >= 0) {
                unit = Unit.TBSP;
            } else {
                unit = Unit.TSP;
            }
            BigDecimal factor = Decimals.ratio(
                    Decimals.ratio(grams, item.gramsPerMl().get()),
                    sheet.measures().millilitres(unit).orElseThrow());
            return new Amount(
                    amount.low().multiply(factor, Decimals.EXACT),
                    amount.high().multiply(factor, Decimals.EXACT),
                    unit);
        });
    }

    void shortcuts(String school) throws RefusedEditException {
        if (school.equals("allowed")) {
            for (HomeMade made : HomeMade.all()) {
                Optional<Component> component = made.in(sheet, builtIn);
                if (component.isPresent()) {
                    sheet = made.bought(sheet, component.get(), builtIn);
                    changes.add("%s is bought again; its component is gone.".formatted(name(made.item())));
                }
            }
            return;
        }
        for (IngredientLine line : lines(item -> HomeMade.isShortcut(item.id()))) {
            Optional<HomeMade> made = HomeMade.of(line.item());
            Optional<BigDecimal> grams = grams(line);
            if (made.isEmpty() || grams.isEmpty()) {
                changes.add("%s stays as bought: %s."
                        .formatted(
                                name(line.item()),
                                made.isEmpty()
                                        ? "there is no recipe for it here; if you have one, add "
                                                + "a component of another dish"
                                        : "the recipe doesn't say how much"));
            } else {
                sheet = made.get().inPlaceOf(sheet, line, grams.get(), builtIn);
                changes.add("%s is made, in a component of its own: %s."
                        .formatted(
                                name(line.item()),
                                String.join(
                                        ", ",
                                        made.get()
                                                .sheet(builtIn)
                                                .dish()
                                                .steps()
                                                .map(Step::title)
                                                .toList())));
            }
        }
    }
}
