package hopsel.core.bench;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Item;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.ReadRecipe;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Reads a source again that somebody changed, without losing what was corrected on the bench meanwhile: a passage that
 * stands as it stood leaves its line or step alone, another one is read anew in its place, one that is gone takes its
 * line or step along.
 */
public final class Reread {

    private final Draft now;
    private final DishProposal before;
    private final DishProposal after;
    private final Pairs<ReadRecipe.Line> lines;
    private final Pairs<ReadRecipe.StepInPart> steps;
    /** Ids on the bench, by ids of the new reading. */
    private final Map<String, String> lineIds = new HashMap<>();

    private final Map<String, String> stepIds = new HashMap<>();
    private Draft draft;

    private Reread(Draft now, DishProposal before, DishProposal after) {
        this.now = now;
        this.before = before;
        this.after = after;
        this.draft = now;
        this.lines =
                Pairs.of(all(before, ReadRecipe.Part::lines), all(after, ReadRecipe.Part::lines), line -> line.read()
                        .text());
        this.steps =
                Pairs.of(all(before, ReadRecipe.Part::steps), all(after, ReadRecipe.Part::steps), step -> step.read()
                        .text());
    }

    /**
     * The draft with what the changed source says.
     *
     * @param now as it stands on the bench
     * @param before what was read from the source as it was
     * @param after what is read from it now
     * @param source the source as it is now
     */
    public static Draft of(Draft now, DishProposal before, DishProposal after, String source)
            throws RefusedEditException {
        return new Reread(now, before, after).draft(source);
    }

    private static <T> List<T> all(DishProposal proposal, Function<ReadRecipe.Part, List<T>> what) {
        return proposal.recipe().parts().stream()
                .flatMap(part -> what.apply(part).stream())
                .toList();
    }

    private Draft draft(String source) throws RefusedEditException {
        head();
        for (ReadRecipe.Part part : after.recipe().parts()) {
            String previous = "";
            for (ReadRecipe.Line line : part.lines()) {
                previous = line(part, line, previous);
            }
        }
        for (ReadRecipe.Part part : after.recipe().parts()) {
            String previous = "";
            for (ReadRecipe.StepInPart step : part.steps()) {
                previous = step(part, step, previous);
            }
        }
        ties();
        gone();
        Draft read = draft.with(draft.dish().withPassages(passages()));
        return read.with(read.notes().withSource(source));
    }

    /** Name and servings, where the bench still has what was read. */
    private void head() {
        Dish dish = now.dish();
        Dish old = before.dish();
        String title = dish.title().equals(old.title()) ? after.dish().title() : dish.title();
        BigDecimal servings =
                dish.servings().compareTo(old.servings()) == 0 ? after.dish().servings() : dish.servings();
        draft = draft.with(dish.called(title, servings));
    }

    private String line(ReadRecipe.Part part, ReadRecipe.Line read, String previous) {
        Optional<String> own = lines.own(read).map(ReadRecipe.Line::id);
        if (own.isPresent() && now.line(own.get()).isEmpty()) {
            // Somebody took it away on the bench.
            return lines.isSame(read) ? previous : newLine(part, read, previous);
        }
        if (own.isEmpty()) {
            return newLine(part, read, previous);
        }
        lineIds.put(read.id(), own.get());
        if (!lines.isSame(read)) {
            Optional<String> variant = draft.line(own.get()).flatMap(IngredientLine::variant);
            draft = Edits.line(draft, "", proposed(read).withId(own.get()).withVariant(variant));
            bring(read);
        }
        return own.get();
    }

    private String newLine(ReadRecipe.Part part, ReadRecipe.Line read, String previous) {
        String id = Edits.newLine(draft, proposed(read).item());
        String home = home(part, previous);
        lineIds.put(read.id(), id);
        bring(read);
        draft = draft.eachComponent(own -> own.id().equals(home)
                ? own.withIngredients(
                        inserted(own.ingredients(), proposed(read).withId(id), IngredientLine::id, previous))
                : own);
        return id;
    }

    private IngredientLine proposed(ReadRecipe.Line read) {
        return after.dish()
                .lines()
                .filter(line -> line.id().equals(read.id()))
                .findFirst()
                .orElseThrow();
    }

    /** An ingredient that the catalogue does not know comes along. */
    private void bring(ReadRecipe.Line read) {
        String item = proposed(read).item();
        Stream<Item> unknown = after.items().stream()
                .filter(own -> own.id().equals(item) && draft.items().stream().noneMatch(own::equals));
        draft = draft.withItems(Stream.concat(draft.items().stream(), unknown).toList());
    }

    private String step(ReadRecipe.Part part, ReadRecipe.StepInPart read, String previous) {
        Optional<String> own = steps.own(read).map(ReadRecipe.StepInPart::id);
        if (own.isPresent() && now.step(own.get()).isEmpty()) {
            return steps.isSame(read) ? previous : newStep(part, read, previous);
        }
        if (own.isEmpty()) {
            return newStep(part, read, previous);
        }
        stepIds.put(read.id(), own.get());
        if (!steps.isSame(read)) {
            Step fresh = after.dish().step(read.id()).orElseThrow();
            draft = Edits.change(draft, own.get(), old -> fresh.withId(own.get())
                    .withAfter(old.after())
                    .withUses(old.uses()));
            guessed(read, own.get());
        }
        return own.get();
    }

    private String newStep(ReadRecipe.Part part, ReadRecipe.StepInPart read, String previous) {
        Step fresh = after.dish().step(read.id()).orElseThrow();
        String id = Slug.free(fresh.title(), taken -> draft.step(taken).isPresent());
        String home = home(part, previous);
        stepIds.put(read.id(), id);
        Step placed = fresh.withId(id).withAfter(List.of()).withUses(List.of());
        draft = draft.eachComponent(
                own -> own.id().equals(home) ? own.withSteps(inserted(own.steps(), placed, Step::id, previous)) : own);
        guessed(read, id);
        return id;
    }

    private void guessed(ReadRecipe.StepInPart read, String id) {
        Map<String, Set<String>> guesses = new LinkedHashMap<>(draft.notes().guessed());
        guesses.put(id, after.guessed().getOrDefault(read.id(), Set.of()));
        draft = draft.with(draft.notes().withGuessed(guesses));
    }

    /** What is new waits for what it follows and goes in front of what follows it, and uses what it names. */
    private void ties() throws RefusedEditException {
        for (ReadRecipe.StepInPart read : all(after, ReadRecipe.Part::steps)) {
            String id = stepIds.get(read.id());
            if (id == null) {
                continue;
            }
            for (String earlier : read.after()) {
                String first = stepIds.get(earlier);
                boolean fresh = isNew(read.id()) || isNew(earlier);
                if (first != null && fresh && draft.step(first).isPresent()) {
                    draft = Edits.tie(draft, first, id, Minutes.ZERO, Optional.empty());
                }
            }
            uses(read, id);
        }
    }

    private boolean isNew(String step) {
        return now.step(stepIds.getOrDefault(step, "")).isEmpty();
    }

    /** Only what is free: a share that somebody gave to another step stays there. */
    private void uses(ReadRecipe.StepInPart read, String id) {
        boolean untouched = !isNew(read.id()) && steps.isSame(read);
        for (Use use : read.uses()) {
            Optional<String> line = Optional.ofNullable(lineIds.get(use.ingredient()))
                    .filter(own -> !untouched || now.line(own).isEmpty())
                    .filter(own -> draft.dish().steps().noneMatch(step -> uses(step, own)));
            line.ifPresent(own -> draft = Edits.change(
                    draft,
                    id,
                    step -> step.withUses(Stream.concat(step.uses().stream(), Stream.of(new Use(own, use.share())))
                            .toList())));
        }
    }

    private static boolean uses(Step step, String line) {
        return step.uses().stream().anyMatch(use -> use.ingredient().equals(line));
    }

    private void gone() throws RefusedEditException {
        for (ReadRecipe.Line line : lines.gone()) {
            draft = Edits.removeLine(draft, line.id());
        }
        for (ReadRecipe.StepInPart step : steps.gone()) {
            if (draft.step(step.id()).isPresent()) {
                draft = Edits.removeStep(draft, step.id());
            }
        }
    }

    /** What somebody has placed or laid aside stays so, as long as the source says it. */
    private Passages passages() {
        Set<String> settled = new HashSet<>(before.dish().passages().unread());
        settled.removeAll(now.dish().passages().unread());
        List<String> unread = after.dish().passages().unread().stream()
                .filter(passage -> !settled.contains(passage))
                .toList();
        Stream<String> laidAside = now.dish().passages().aside().stream()
                .filter(after.dish().passages().unread()::contains);
        List<String> aside = Stream.concat(after.dish().passages().aside().stream(), laidAside)
                .distinct()
                .toList();
        return new Passages(unread, aside);
    }

    /** The component of what stands before it; at the beginning, the one of that name, made where there is none. */
    private String home(ReadRecipe.Part part, String previous) {
        Optional<Component> beside = draft.home(previous);
        Optional<Component> named = draft.dish().components().stream()
                .filter(own -> own.title().equals(part.title()))
                .findFirst();
        if (beside.isEmpty() && named.isEmpty()) {
            draft = Edits.addComponent(draft, part.title());
            List<Component> all = draft.dish().components();
            return all.get(all.size() - 1).id();
        }
        return beside.or(() -> named).get().id();
    }

    private static <T> List<T> inserted(List<T> all, T one, Function<T, String> id, String behind) {
        List<T> more = new ArrayList<>(all);
        int at = more.stream().map(id).toList().indexOf(behind);
        more.add(at + 1, one);
        return more;
    }

    /**
     * Which passages of two readings are the same, which came in the place of another, and which are gone.
     *
     * @param same by passage of the new reading, the one that says the same
     * @param replaced by passage of the new reading, the one that stood there before
     * @param gone passages of the old reading that nothing came of
     */
    private record Pairs<T>(Map<T, T> same, Map<T, T> replaced, List<T> gone) {

        static <T> Pairs<T> of(List<T> before, List<T> after, Function<T, String> text) {
            Map<T, T> same = new LinkedHashMap<>();
            List<T> left = new ArrayList<>(before);
            for (T passage : after) {
                Optional<T> twin = left.stream()
                        .filter(old -> text.apply(old).equals(text.apply(passage)))
                        .findFirst();
                twin.ifPresent(old -> {
                    same.put(passage, old);
                    left.remove(old);
                });
            }
            Map<T, T> replaced = new LinkedHashMap<>();
            for (int i = 0; i < after.size(); i++) {
                T passage = after.get(i);
                if (same.containsKey(passage)) {
                    continue;
                }
                T behind = i == 0 ? null : after.get(i - 1);
                T old = behind == null ? null : same.getOrDefault(behind, replaced.get(behind));
                int place = behind == null ? 0 : before.indexOf(old) + 1;
                if ((behind == null || old != null) && place < before.size() && left.remove(before.get(place))) {
                    replaced.put(passage, before.get(place));
                }
            }
            return new Pairs<>(same, replaced, left);
        }

        Optional<T> own(T passage) {
            return Optional.ofNullable(same.getOrDefault(passage, replaced.get(passage)));
        }

        boolean isSame(T passage) {
            return same.containsKey(passage);
        }
    }
}
