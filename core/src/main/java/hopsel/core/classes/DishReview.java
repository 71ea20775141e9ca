package hopsel.core.classes;

import hopsel.core.Known;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.DishVariant;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;

/** The part of the review that stays inside one dish. */
final class DishReview {

    /** Room for thirds and sixths written with a few decimals. */
    private static final BigDecimal WHOLE = new BigDecimal("1.000001");

    /** How far shares may be off that were written with a few decimals, such as thirds. */
    private static final BigDecimal NEARLY = new BigDecimal("0.001");

    private final Dish dish;
    private final Catalogue catalogue;
    private final Weigher weigher;
    private final List<Finding> findings = new ArrayList<>();
    private final Map<String, Place> steps = new LinkedHashMap<>();
    private final Set<String> lines = new HashSet<>();
    private final Map<String, BigDecimal> shares = new HashMap<>();

    DishReview(Dish dish, Place place, Catalogue catalogue, Weigher weigher) {
        this.dish = dish;
        this.catalogue = catalogue;
        this.weigher = weigher;
        collectIds(place);
        variants(place.at("variants"));
        eachStep(place, this::step);
        circle().ifPresent(this::addCircle);
    }

    List<Finding> findings() {
        return findings;
    }

    private void collectIds(Place place) {
        Set<String> components = new HashSet<>();
        for (int c = 0; c < dish.components().size(); c++) {
            Component component = dish.components().get(c);
            Place here = place.at("components").at(c);
            once(components.add(component.id()), here, "component", component.id());
            for (int i = 0; i < component.ingredients().size(); i++) {
                IngredientLine line = component.ingredients().get(i);
                Place at = here.at("ingredients").at(i);
                once(lines.add(line.id()), at, "line", line.id());
                weigh(line, at);
                if (line.variant().isPresent() && dish.variantOf(line).isEmpty()) {
                    add(
                            at.at("variant"),
                            "There is no variant [%s] in %s."
                                    .formatted(line.variant().get(), dish.title()),
                            "Name a variant of the same dish, or leave the member away.");
                }
            }
        }
        eachStep(place, (step, at) -> once(steps.putIfAbsent(step.id(), at) == null, at, "step", step.id()));
    }

    private void variants(Place place) {
        List<DishVariant> all = dish.variants();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            once(ids.add(all.get(i).id()), place.at(i), "variant", all.get(i).id());
        }
        BigDecimal sum = all.stream().map(DishVariant::share).reduce(BigDecimal.ZERO, BigDecimal::add);
        boolean whole = sum.subtract(BigDecimal.ONE).abs().compareTo(NEARLY) <= 0;
        if (all.size() == 1 || !all.isEmpty() && !whole) {
            add(
                    place,
                    "The shares of the variants of %s come to %s.".formatted(dish.title(), sum.toPlainString()),
                    "Give two or more, whose shares come to 1.");
        }
    }

    private void weigh(IngredientLine line, Place at) {
        Optional<Item> item = catalogue.find(line.item());
        if (item.isEmpty()) {
            add(at.at("item"), "There is no item [%s].".formatted(line.item()), "Add it under items, or mend the id.");
            return;
        }
        if (line.amount().isPresent()
                && weigher.grams(item.get(), line.amount().get()).isEmpty()) {
            Amount amount = line.amount().get();
            add(
                    at.at("unit"),
                    "The line [%s] of %s in %s cannot become grams."
                            .formatted(
                                    line.id(), item.get().name(), amount.unit().word()),
                    "Give the item %s, or write the amount in grams.".formatted(Weigher.missing(amount)));
        }
    }

    private void step(Step step, Place at) {
        for (int i = 0; i < step.after().size(); i++) {
            String before = step.after().get(i).step();
            if (!steps.containsKey(before)) {
                add(
                        at.at("after").at(i).at("step"),
                        "There is no step [%s] in %s.".formatted(before, dish.title()),
                        "Name a step of the same dish.");
            }
        }
        for (int i = 0; i < step.uses().size(); i++) {
            use(step.uses().get(i), at.at("uses").at(i));
        }
        swap(step, at.at("swap"));
    }

    private void use(Use use, Place at) {
        if (!lines.contains(use.ingredient())) {
            add(
                    at.at("ingredient"),
                    "There is no line [%s] in %s.".formatted(use.ingredient(), dish.title()),
                    "Name an ingredient line of the same dish.");
            return;
        }
        BigDecimal before = shares.getOrDefault(use.ingredient(), BigDecimal.ZERO);
        BigDecimal sum = shares.merge(use.ingredient(), use.share(), BigDecimal::add);
        if (before.compareTo(WHOLE) <= 0 && sum.compareTo(WHOLE) > 0) {
            add(
                    at.at("share"),
                    "The shares of the line [%s] come to %s.".formatted(use.ingredient(), sum.toPlainString()),
                    "Let them come to 1 at most.");
        }
    }

    private void swap(Step step, Place at) {
        if (step.swap().isEmpty()) {
            return;
        }
        if (step.work() == Work.HANDS) {
            add(
                    at,
                    "The step [%s] is hands work and cannot be swapped out.".formatted(step.id()),
                    "Take swap away, or make it watch or rest.");
        } else if (step.show() == Show.NEVER) {
            add(
                    at,
                    "The step [%s] is never shown, so there is nothing to swap out.".formatted(step.id()),
                    "Take swap away, or let it be shown.");
        }
        if (step.swap().get().compareTo(step.minutes().likely()) > 0) {
            add(
                    at.at("showMinutes"),
                    "The step [%s] would be shown for %s minutes and takes only %s."
                            .formatted(
                                    step.id(), step.swap().get(), step.minutes().likely()),
                    "Show it for no longer than it takes.");
        }
    }

    /** A circle of waiting, if there is one, each step before the one that waits for it. */
    private Optional<List<String>> circle() {
        Map<String, Step> byId = new HashMap<>();
        dish.steps().forEach(step -> byId.putIfAbsent(step.id(), step));
        Set<String> done = new HashSet<>();
        for (Step start : byId.values().stream()
                .sorted((a, b) -> a.id().compareTo(b.id()))
                .toList()) {
            Optional<List<String>> found = CircleSearch.from(start.id(), byId, done);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private void addCircle(List<String> circle) {
        add(
                Known.in(steps, circle.get(0)).at("after"),
                "Steps of %s wait for each other in a circle: %s.".formatted(dish.title(), String.join(" → ", circle)),
                "Let one of them start without the other.");
    }

    private void once(boolean fresh, Place at, String what, String id) {
        if (!fresh) {
            add(
                    at.at("id"),
                    "The id [%s] is used for a second %s of %s.".formatted(id, what, dish.title()),
                    "Give each its own.");
        }
    }

    private void eachStep(Place place, BiConsumer<Step, Place> action) {
        for (int c = 0; c < dish.components().size(); c++) {
            List<Step> own = dish.components().get(c).steps();
            for (int s = 0; s < own.size(); s++) {
                action.accept(
                        own.get(s), place.at("components").at(c).at("steps").at(s));
            }
        }
    }

    private void add(Place place, String message, String remedy) {
        findings.add(new Finding(place.pointer(), message, remedy));
    }
}
