package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Ancestry;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the steps of a dish make, and where that goes: into another step, into several, or onto the plate. A cook says
 * where a thing goes, once; who waits for whom follows from it.
 */
public final class Things {

    private Things() {}

    /** The steps that what a step makes goes into, in the order of the recipe; none: it is served. */
    public static List<Step> users(Dish dish, String maker) {
        return dish.steps().filter(step -> waitsFor(step, maker)).toList();
    }

    /**
     * Lets what a step makes go elsewhere.
     *
     * @param maker id of the step that makes it
     * @param from id of the step that it went into until now; empty: it goes into one more
     * @param to id of the step that it goes into; empty: nowhere else, so that it is served where nothing else takes it
     * @return the dish, and the steps that the maker waited for and does so no longer, because they come after what it
     *     makes
     * @throws RefusedEditException where a step is gone, or would go into itself
     */
    public static Moved into(Draft sheet, String maker, Optional<String> from, Optional<String> to)
            throws RefusedEditException {
        Step made = Edits.found(sheet, maker);
        if (from.equals(to)) {
            return new Moved(sheet, List.of());
        }
        if (to.isPresent()) {
            Edits.found(sheet, to.get());
        }
        if (to.filter(maker::equals).isPresent()) {
            throw new RefusedEditException(
                    "“%s” can't go into itself. Choose the step that uses it.".formatted(made.title()));
        }
        Optional<After> tie = from.flatMap(sheet::step).flatMap(old -> tie(old, maker));
        Draft next = from.isPresent() ? Edits.untie(sheet, maker, from.get()) : sheet;
        if (to.isEmpty()) {
            return new Moved(next, List.of());
        }
        List<Step> later = behind(next, to.get(), maker);
        for (Step step : later) {
            next = Edits.untie(next, step.id(), maker);
        }
        After then = tie.orElseGet(() -> After.of(maker));
        return new Moved(Edits.tie(next, maker, to.get(), then.least(), then.within()), later);
    }

    /** Of the steps that a step waits for, those that are, or come after, the one that is to come after it. */
    private static List<Step> behind(Draft sheet, String to, String maker) {
        Ancestry ancestry = Ancestry.of(sheet.dish());
        return sheet.step(maker).stream()
                .flatMap(step -> step.after().stream())
                .map(After::step)
                .filter(before -> before.equals(to) || ancestry.before(before).contains(to))
                .flatMap(before -> sheet.step(before).stream())
                .toList();
    }

    private static Optional<After> tie(Step step, String before) {
        return ties(step, before).findFirst();
    }

    private static boolean waitsFor(Step step, String before) {
        return ties(step, before).findAny().isPresent();
    }

    private static Stream<After> ties(Step step, String before) {
        return step.after().stream().filter(after -> after.step().equals(before));
    }

    /**
     * A dish of which a thing goes elsewhere.
     *
     * @param sheet the dish
     * @param noLonger steps that its maker no longer waits for
     */
    public record Moved(Draft sheet, List<Step> noLonger) {

        /** Keeps its own copies. */
        public Moved {
            noLonger = List.copyOf(noLonger);
        }
    }
}
