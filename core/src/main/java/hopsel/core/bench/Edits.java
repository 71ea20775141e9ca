package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Ancestry;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What may be done to a dish on the bench. Every edit answers with another worksheet; the one it was given stays as it
 * is.
 *
 * <p>No edit makes steps wait for each other in a circle, lets an id stand twice, or leaves a use of a line that is
 * gone.
 */
public final class Edits {

    private static final Minutes NEW_STEP = Minutes.of(5);

    private Edits() {}

    /** Another name, and what the amounts are for. */
    public static Draft dish(Draft sheet, String title, BigDecimal servings) {
        Dish dish = sheet.dish();
        Draft next = sheet.with(dish.called(title, servings));
        return next.with(next.notes().confirm(Notes.DISH, Set.of("servings")));
    }

    /** Puts a step in the place of the one with its id; another length counts as confirmed. */
    public static Draft step(Draft sheet, Step step) throws RefusedEditException {
        Step before = found(sheet, step.id());
        Set<String> confirmed = new LinkedHashSet<>(Set.of("work", "needs"));
        if (!before.minutes().equals(step.minutes())) {
            confirmed.add("minutes");
        }
        Draft next = sheet.eachStep(other -> other.id().equals(step.id()) ? step : other);
        return checked(sheet, next.with(next.notes().confirm(step.id(), confirmed)));
    }

    /** Another length of a step, which rounds and weight no longer set. */
    public static Draft retime(Draft sheet, String id, StepMinutes minutes) throws RefusedEditException {
        found(sheet, id);
        Draft next = change(sheet, id, step -> {
            boolean sameRounds = step.rounds()
                    .filter(rounds -> rounds.minutes().equals(minutes.likely()))
                    .isPresent();
            return (sameRounds ? step : step.timedByHand()).lasting(minutes);
        });
        return next.with(next.notes().confirm(id, Set.of("minutes")));
    }

    /** Cuts a step in two; what waited for it waits for the second part, and the ingredients stay with the first. */
    public static Draft split(Draft sheet, String id, Minutes first) throws RefusedEditException {
        Step step = found(sheet, id);
        BigDecimal whole = step.minutes().likely().value();
        if (first.value().signum() <= 0 || first.value().compareTo(whole) >= 0) {
            throw new RefusedEditException("“%s” takes %s minutes; split it somewhere in between."
                    .formatted(step.title(), whole.toPlainString()));
        }
        String second = Slug.free(id, taken -> sheet.step(taken).isPresent());
        Minutes rest = Minutes.of(whole.subtract(first.value()));
        Step one = Steps.opened(step.lasting(StepMinutes.of(first)));
        Step two = Steps.second(step, second, StepMinutes.of(rest));
        Draft next = sheet.eachStep(other -> Steps.redirected(other, id, second))
                .eachComponent(component ->
                        component.steps().stream().noneMatch(own -> own.id().equals(id))
                                ? component
                                : component.withSteps(component.steps().stream()
                                        .flatMap(own -> own.id().equals(id) ? Stream.of(one, two) : Stream.of(own))
                                        .toList()));
        return next.with(next.notes().confirm(id, Set.of("minutes")));
    }

    /** Joins a step with the one behind it in its component. */
    public static Draft join(Draft sheet, String id) throws RefusedEditException {
        Component home = sheet.home(id).orElseThrow();
        int at = home.steps().indexOf(found(sheet, id));
        if (at + 1 >= home.steps().size()) {
            throw new RefusedEditException("“%s” is the last step of %s; there is nothing behind it to join."
                    .formatted(found(sheet, id).title(), home.title()));
        }
        Step second = home.steps().get(at + 1);
        Step joined = Steps.joined(home.steps().get(at), second);
        Draft next = sheet.eachComponent(component -> component.withSteps(component.steps().stream()
                .filter(step -> !step.id().equals(second.id()))
                .map(step -> step.id().equals(id) ? joined : Steps.redirected(step, second.id(), id))
                .toList()));
        Notes notes = next.notes();
        for (String member : notes.guessed().getOrDefault(second.id(), Set.of())) {
            notes = notes.guess(id, member);
        }
        return checked(sheet, next.with(notes.withoutStep(second.id())));
    }

    /**
     * Moves a step to a place in a component: it is taken out of its chain, which closes behind it, and put into the
     * other.
     *
     * @param position from 0, among the other steps
     */
    public static Draft move(Draft sheet, String id, String component, int position) throws RefusedEditException {
        Step step = found(sheet, id);
        Draft without = sheet.eachStep(other -> Steps.bypassing(other, step))
                .eachComponent(own -> own.withSteps(own.steps().stream()
                        .filter(other -> !other.id().equals(id))
                        .toList()));
        Component target = component(without, component);
        int at = Math.max(0, Math.min(position, target.steps().size()));
        Optional<Step> before =
                at == 0 ? Optional.empty() : Optional.of(target.steps().get(at - 1));
        Optional<Step> behind = at == target.steps().size()
                ? Optional.empty()
                : Optional.of(target.steps().get(at));
        List<Step> steps = new ArrayList<>(target.steps());
        steps.add(
                at,
                step.withAfter(before.map(own -> List.of(After.of(own.id()))).orElse(List.of())));
        behind.ifPresent(own -> steps.set(at + 1, own.withAfter(chained(own, before, id))));
        return checked(sheet, without.eachComponent(own -> own.id().equals(component) ? own.withSteps(steps) : own));
    }

    private static List<After> chained(Step step, Optional<Step> before, String id) {
        List<After> after = new ArrayList<>();
        step.after().stream()
                .filter(wait ->
                        before.isEmpty() || !wait.step().equals(before.get().id()))
                .forEach(after::add);
        after.add(After.of(id));
        return after;
    }

    /** Lets a step wait for another. */
    public static Draft tie(Draft sheet, String before, String then, Minutes wait, Optional<Minutes> within)
            throws RefusedEditException {
        found(sheet, before);
        found(sheet, then);
        return checked(
                sheet,
                change(
                        sheet,
                        then,
                        step -> step.withAfter(Stream.concat(
                                        step.after().stream()
                                                .filter(after -> !after.step().equals(before)),
                                        Stream.of(new After(before, wait, within)))
                                .toList())));
    }

    /** Lets a step no longer wait for another. */
    public static Draft untie(Draft sheet, String before, String then) {
        return change(
                sheet,
                then,
                step -> step.withAfter(step.after().stream()
                        .filter(after -> !after.step().equals(before))
                        .toList()));
    }

    /** A new step at the end of a component. */
    public static Draft addStep(Draft sheet, String component, String title) {
        String id = Slug.free(title, taken -> sheet.step(taken).isPresent());
        Draft next = sheet.eachComponent(own -> own.id().equals(component)
                ? own.withSteps(Stream.concat(
                                own.steps().stream(),
                                Stream.of(Steps.plain(id, title, StepMinutes.of(NEW_STEP), Work.HANDS, last(own))))
                        .toList())
                : own);
        return next.with(next.notes().guess(id, "minutes"));
    }

    private static List<After> last(Component component) {
        return component.steps().isEmpty()
                ? List.of()
                : List.of(After.of(
                        component.steps().get(component.steps().size() - 1).id()));
    }

    /** Takes a step away; the chain closes behind it. */
    public static Draft removeStep(Draft sheet, String id) throws RefusedEditException {
        Step step = found(sheet, id);
        Draft next = sheet.eachStep(other -> Steps.bypassing(other, step))
                .eachComponent(own -> own.withSteps(own.steps().stream()
                        .filter(other -> !other.id().equals(id))
                        .toList()));
        return next.with(next.notes().withoutStep(id));
    }

    /** Puts a line into a component, in the place of the one with its id where there is one. */
    public static Draft line(Draft sheet, String component, IngredientLine line) {
        boolean known = sheet.line(line.id()).isPresent();
        return sheet.eachComponent(own -> {
            List<IngredientLine> lines = new ArrayList<>(own.ingredients());
            lines.replaceAll(other -> other.id().equals(line.id()) ? line : other);
            if (!known && own.id().equals(component)) {
                lines.add(line);
            }
            return own.withIngredients(lines);
        });
    }

    /** An id for a new line. */
    public static String newLine(Draft sheet, String item) {
        return Slug.free(item, taken -> sheet.line(taken).isPresent());
    }

    /** Takes a line away, and every use of it. */
    public static Draft removeLine(Draft sheet, String id) {
        Draft next = sheet.eachComponent(own -> own.withIngredients(own.ingredients().stream()
                        .filter(line -> !line.id().equals(id))
                        .toList()))
                .eachStep(step -> step.withUses(step.uses().stream()
                        .filter(use -> !use.ingredient().equals(id))
                        .toList()));
        return next;
    }

    /**
     * Says how much of a line goes in at a step.
     *
     * @param share 0: none of it
     */
    public static Draft use(Draft sheet, String id, String line, BigDecimal share) throws RefusedEditException {
        found(sheet, id);
        BigDecimal elsewhere = sheet.dish()
                .steps()
                .filter(step -> !step.id().equals(id))
                .flatMap(step -> step.uses().stream())
                .filter(use -> use.ingredient().equals(line))
                .map(Use::share)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        if (elsewhere.add(share).compareTo(new BigDecimal("1.000001")) > 0) {
            throw new RefusedEditException("Other steps use %s of this line already; at most %s is left for “%s”."
                    .formatted(
                            elsewhere.toPlainString(),
                            BigDecimal.ONE
                                    .subtract(elsewhere)
                                    .max(BigDecimal.ZERO)
                                    .toPlainString(),
                            found(sheet, id).title()));
        }
        return change(
                sheet,
                id,
                step -> step.withUses(Stream.concat(
                                step.uses().stream()
                                        .filter(use -> !use.ingredient().equals(line)),
                                share.signum() > 0 ? Stream.of(new Use(line, share)) : Stream.empty())
                        .toList()));
    }

    /** Says that an amount is found by taste: what certainly goes in, and up to. */
    public static Draft byTaste(Draft sheet, String id, Optional<ByTaste> taste) {
        return sheet.with(sheet.dish().changeLine(id, line -> {
            Optional<Amount> found = taste.flatMap(own ->
                    line.amount().map(amount -> new Amount(own.start(), own.ceiling(), amount.unit(), amount.size())));
            return line.withAmount(found.or(line::amount))
                    .withByTaste(taste.filter(own -> line.amount().isPresent()));
        }));
    }

    /** Lets a step be done in rounds, which sets its minutes. */
    public static Draft rounds(Draft sheet, String id, Rounds rounds) throws RefusedEditException {
        found(sheet, id);
        Draft next = change(sheet, id, step -> step.timedByHand()
                .lasting(StepMinutes.of(rounds.minutes()))
                .withRounds(Optional.of(rounds)));
        return next.with(next.notes().confirm(id, Set.of("minutes")));
    }

    /** Lets the minutes of a step go by the weight of what goes in. */
    public static Draft perWeight(Draft sheet, String id, PerWeight perWeight, Catalogue builtIn)
            throws RefusedEditException {
        BigDecimal grams = weightAt(sheet, found(sheet, id), builtIn);
        if (grams.signum() == 0) {
            throw new RefusedEditException("Nothing that can be weighed goes in at “%s”. Say first what does."
                    .formatted(found(sheet, id).title()));
        }
        Draft next = change(sheet, id, step -> step.timedByHand()
                .lasting(StepMinutes.of(perWeight.minutes(grams)))
                .withPerWeight(Optional.of(perWeight)));
        return next.with(next.notes().confirm(id, Set.of("minutes")));
    }

    /** Edible grams of what goes in at a step. */
    static BigDecimal weightAt(Draft sheet, Step step, Catalogue builtIn) {
        Catalogue catalogue = sheet.catalogue(builtIn);
        return step.uses().stream()
                .flatMap(
                        use -> sheet.line(use.ingredient()).stream()
                                .flatMap(line -> line.amount().stream()
                                        .flatMap(amount -> catalogue
                                                .find(line.item())
                                                .flatMap(item -> sheet.weigher().grams(item, amount))
                                                .stream()))
                                .map(grams -> grams.multiply(use.share())))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** A new component at the end. */
    public static Draft addComponent(Draft sheet, String title) {
        List<Component> components = new ArrayList<>(sheet.dish().components());
        String id = Slug.free(
                title, taken -> components.stream().anyMatch(own -> own.id().equals(taken)));
        components.add(new Component(id, title, List.of(), List.of()));
        return sheet.with(sheet.dish().withComponents(components));
    }

    /** Another name for a component. */
    public static Draft renameComponent(Draft sheet, String id, String title) {
        return sheet.eachComponent(
                own -> own.id().equals(id) ? new Component(id, title, own.ingredients(), own.steps()) : own);
    }

    /** Takes a component away with all that is in it. */
    public static Draft removeComponent(Draft sheet, String id) throws RefusedEditException {
        Draft next = sheet;
        for (Component own : sheet.dish().components()) {
            if (own.id().equals(id)) {
                for (Step step : own.steps()) {
                    next = removeStep(next, step.id());
                }
                for (IngredientLine line : own.ingredients()) {
                    next = removeLine(next, line.id());
                }
            }
        }
        Dish dish = next.dish();
        return next.with(dish.withComponents(
                dish.components().stream().filter(own -> !own.id().equals(id)).toList()));
    }

    static Component component(Draft sheet, String id) throws RefusedEditException {
        return sheet.dish().components().stream()
                .filter(candidate -> candidate.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedEditException("That component is not there any more."));
    }

    static Step found(Draft sheet, String id) throws RefusedEditException {
        return sheet.step(id)
                .orElseThrow(() ->
                        new RefusedEditException("That step is not there any more. Look at the dish as it is now."));
    }

    static Draft change(Draft sheet, String id, UnaryOperator<Step> rule) {
        return sheet.with(sheet.dish().change(id, rule));
    }

    private static Draft checked(Draft before, Draft after) throws RefusedEditException {
        Ancestry ancestry = Ancestry.of(after.dish());
        for (Step step : after.dish().steps().toList()) {
            if (ancestry.before(step.id()).contains(step.id())) {
                throw new RefusedEditException(
                        "Then “%s” would end up waiting for itself. Unlink one of its steps first."
                                .formatted(
                                        before.step(step.id()).map(Step::title).orElse(step.title())));
            }
        }
        return after;
    }
}
