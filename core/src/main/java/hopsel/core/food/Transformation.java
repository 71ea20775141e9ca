package hopsel.core.food;

import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** What one step does to food. */
final class Transformation {

    /** A minute under pressure cooks like three at a boil. Kitchen practice. */
    private static final int UNDER_PRESSURE = 3;

    private static final int MINUTE = 60;
    /** Seconds from which what lies in water is soaked and not boiled. */
    private static final int SOAK = 240 * MINUTE;
    /** Seconds after which something hot that stands or is worked on no longer presses against a lid. */
    private static final int COOLED_ENOUGH = 10 * MINUTE;

    /** Times as much liquid as dry goods, from which they are boiled in it like pasta. Kitchen practice. */
    private static final BigDecimal MUCH = BigDecimal.valueOf(2);

    private final Step step;
    private final List<Product> before;
    private final Set<Technique> techniques;
    private final boolean heats;
    private final Map<String, Part> parts = new LinkedHashMap<>();
    private final Set<Condition> conditions = EnumSet.noneOf(Condition.class);
    private final boolean onlyMade;

    Transformation(Step step, List<Product> before, List<Part> fresh) {
        this.step = step;
        this.before = before;
        this.techniques = TechniqueReader.of(step);
        this.heats = Heat.heats(step) && !soaksForHours();
        this.onlyMade = fresh.isEmpty() && !before.isEmpty();
        before.forEach(product -> {
            product.parts().forEach(this::add);
            conditions.addAll(product.conditions());
        });
        BigDecimal dry = fresh.stream()
                .filter(part -> part.item().has(Trait.DRY))
                .map(Transformation::roughly)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        fresh.stream().map(part -> asMedium(part, dry)).forEach(this::add);
    }

    /**
     * Water that something is soaked, boiled or steamed in is no food, unless it stays there; nor is the stock that
     * goes in and is drained off at one step, where it is much more than what drinks it.
     */
    private Part asMedium(Part part, BigDecimal dry) {
        boolean boils = does(Technique.BOIL) || does(Technique.SIMMER) || does(Technique.BLANCH);
        boolean bath = does(Technique.SOAK) || boils || steams();
        boolean much = dry.signum() > 0 && roughly(part).compareTo(dry.multiply(MUCH)) >= 0;
        boolean runs = part.item().has(Trait.LIQUID) && !part.item().has(Trait.FAT);
        boolean stock = boils && does(Technique.DRAIN) && runs && much;
        return part.withMedium(bath && part.item().has(Trait.TAP) || stock);
    }

    /** Grams, or millilitres, of what is measured in them; 0 where it is not. */
    private static BigDecimal roughly(Part part) {
        return part.line()
                .amount()
                .flatMap(amount -> amount.unit()
                        .grams()
                        .or(() -> amount.unit().millilitres())
                        .map(amount.high()::multiply))
                .map(part.share()::multiply)
                .orElse(BigDecimal.ZERO);
    }

    private boolean steams() {
        return does(Technique.STEAM) || step.needs().stream().anyMatch(need -> need.is(PlaceKind.STEAMER));
    }

    private void add(Part part) {
        parts.merge(part.line().id(), part, Part::together);
    }

    Product product() {
        temperature();
        shape();
        boolean drains = does(Technique.DRAIN) || steams();
        List<Part> after = parts.values().stream()
                .map(part -> after(part, drains && part.medium()))
                .toList();
        return new Product(step.id(), after, conditions);
    }

    private Part after(Part part, boolean poured) {
        boolean wet = does(Technique.SOAK) || does(Technique.BOIL) || does(Technique.SIMMER);
        return part.with(own -> own.soaked(part.soaked() || wet)
                .heated(part.heated() || heats)
                .boiled(part.boiled() + boilMinutes())
                .away(part.away() || poured));
    }

    /** A night in water is no boil, even where a ring was read off "that you will cook tomorrow". */
    private boolean soaksForHours() {
        return does(Technique.SOAK) && step.minutes().likely().seconds() >= SOAK;
    }

    private int boilMinutes() {
        int minutes = heats ? step.minutes().high().seconds() / MINUTE : 0;
        return needs(Does.PRESSES) ? minutes * UNDER_PRESSURE : minutes;
    }

    /** Heat wins over what was cold before; what only stands or is cut stays hot for a while. */
    private void temperature() {
        boolean standing = step.minutes().likely().seconds() >= COOLED_ENOUGH || does(Technique.COOL);
        if (heats) {
            conditions.removeAll(
                    EnumSet.of(Condition.COLD, Condition.FROZEN, Condition.FROM_THE_OVEN, Condition.COOLED));
            conditions.add(Condition.HOT);
            mark(
                    step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN)) && !onlyHeatsUp(),
                    Condition.FROM_THE_OVEN);
        } else if (Heat.freezes(step)) {
            conditions.remove(Condition.HOT);
            conditions.add(Condition.FROZEN);
        } else if (Heat.cools(step)) {
            conditions.remove(Condition.HOT);
            conditions.add(Condition.COLD);
        } else if (standing) {
            mark(does(Technique.COOL) && conditions.contains(Condition.HOT), Condition.COOLED);
            conditions.removeAll(EnumSet.of(Condition.HOT, Condition.COLD, Condition.FROZEN));
        }
        if (!heats && (!onlyMade && !does(Technique.SERVE) || worksIn())) {
            conditions.remove(Condition.FROM_THE_OVEN);
        }
    }

    /** Roasted peppers in a dip are no oven dish. */
    private boolean worksIn() {
        return does(Technique.BLEND)
                || does(Technique.MASH)
                || does(Technique.MIX)
                || does(Technique.WHISK)
                || does(Technique.ASSEMBLE);
    }

    private boolean onlyHeatsUp() {
        return parts.isEmpty();
    }

    private void shape() {
        if (onlyMade && does(Technique.CUT) && before.stream().anyMatch(Transformation::isFinished)) {
            conditions.add(Condition.SLICED);
        }
        mark(does(Technique.CUT) || does(Technique.GRATE), Condition.CUT);
        mark(does(Technique.BLEND) || does(Technique.MASH) || does(Technique.GRIND), Condition.BLENDED);
        mark(does(Technique.DRAIN), Condition.DRAINED);
        mark(does(Technique.SET), Condition.SET);
        mark(does(Technique.GLAZE), Condition.GLAZED);
        mark(does(Technique.CRISP) && heats, Condition.CRISP);
        mark(has(Trait.MELTS) && heats, Condition.MELTED);
        mark(dresses(), Condition.DRESSED);
        flour();
        if (wets()) {
            conditions.removeAll(EnumSet.of(Condition.DRAINED, Condition.CRISP));
        }
    }

    /** Raw leaves that meet something sharp, with nothing hot about them. */
    private boolean dresses() {
        boolean leaves = some(part -> part.item().has(Trait.WILTS) && !part.heated());
        boolean cold = !heats && parts.values().stream().noneMatch(Part::heated);
        return leaves && !heats && (does(Technique.DRESS) || cold && has(Trait.ACID));
    }

    /** Drained noodles that go into their sauce are drained no more, and what was crisp is not in a broth. */
    private boolean wets() {
        return !does(Technique.DRAIN) && before.size() > 1 && before.stream().anyMatch(Product::runs);
    }

    private void flour() {
        if (heats) {
            boolean firm = conditions.removeAll(EnumSet.of(Condition.DOUGH, Condition.BATTER));
            mark(firm, Condition.BAKED);
        } else if (has(Trait.FLOUR) && has(Trait.LIQUID)) {
            boolean worked =
                    does(Technique.KNEAD) || does(Technique.ROLL) || does(Technique.SHAPE) || does(Technique.PROOF);
            boolean stirred = does(Technique.WHISK) || does(Technique.MIX);
            mark(worked, Condition.DOUGH);
            mark(stirred && !worked && !conditions.contains(Condition.DOUGH), Condition.BATTER);
        }
    }

    private static boolean isFinished(Product product) {
        return product.is(Condition.SET) || product.is(Condition.FROZEN) || product.is(Condition.BAKED);
    }

    private void mark(boolean applies, Condition condition) {
        if (applies) {
            conditions.add(condition);
        }
    }

    private boolean does(Technique technique) {
        return techniques.contains(technique);
    }

    private boolean needs(Does what) {
        return step.needs().stream().anyMatch(need -> need.does(what));
    }

    private boolean some(Predicate<Part> test) {
        return parts.values().stream().filter(part -> !part.away()).anyMatch(test);
    }

    private boolean has(Trait trait) {
        return some(part -> part.item().has(trait));
    }
}
