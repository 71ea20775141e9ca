package hopsel.core.bench;

import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.food.FoodFlow;
import hopsel.core.item.Catalogue;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.Spoken;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What there is to say about the dish as a whole: its yield, its steps, the time it promises. */
final class DishFindings extends Findings {

    private final DishTimes times;

    DishFindings(Draft sheet, Catalogue builtIn, FoodFlow flow) {
        super(sheet, builtIn, flow);
        this.times = DishTimes.of(sheet.dish());
    }

    @Override
    void look() {
        if (sheet.notes().isGuessed(Notes.DISH, "servings")) {
            object(
                    Rule.YIELD_MISSING,
                    Notes.DISH,
                    "The recipe does not say how many it serves.",
                    "It serves " + plain(sheet.dish().servings()),
                    now -> now.with(now.notes().confirm(Notes.DISH, Set.of("servings"))));
        }
        unread();
        if (sheet.dish().steps().findAny().isEmpty()) {
            object(Rule.NO_STEPS, Notes.DISH, "There are no steps yet. Add the first one.");
        }
        sheet.dish().components().forEach(this::onlyListed);
        sheet.notes()
                .headline()
                .filter(time -> time.seconds() < times.elapsed())
                .ifPresent(time -> object(
                        Rule.HEADLINE,
                        Notes.DISH,
                        "The recipe promises %s; from the earliest start it takes %s.%s"
                                .formatted(Words.time(time.seconds()), Words.time(times.elapsed()), leftOut()),
                        "Say " + Words.time(times.elapsed()),
                        now -> now.with(now.notes().withHeadline(Optional.of(minutes(times.elapsed()))))));
    }

    /** A part that is only listed: whoever has its things still has to put them together. */
    private void onlyListed(Component component) {
        if (isOnlyListed(component)) {
            object(
                    Rule.NO_STEPS,
                    component.id(),
                    "“%s” is a list, and no step says what is done with it.".formatted(component.title()),
                    "Mix it all together",
                    now -> Insertions.mixed(now, component));
        }
    }

    private String leftOut() {
        if (times.hidden().isEmpty()) {
            return "";
        }
        return " It leaves out: "
                + String.join(
                        ", ",
                        times.hidden().stream()
                                .map(hidden -> hidden.what().name().toLowerCase(Locale.ROOT) + " "
                                        + Words.time(hidden.seconds()))
                                .toList())
                + ".";
    }

    /** What was not understood holds back; one passage that names nothing to eat can go aside with one touch. */
    private void unread() {
        List<String> unread = sheet.dish().passages().unread();
        if (unread.isEmpty()) {
            return;
        }
        Optional<MadeHere> made = unread.stream()
                .flatMap(passage -> MadeHere.of(passage, sheet, catalogue).stream())
                .findFirst();
        if (made.isPresent()) {
            madeHere(made.get());
            return;
        }
        Optional<String> noFood =
                unread.stream().filter(this::namesNothingToEat).findFirst();
        String shown = noFood.orElse(unread.get(0));
        String message = ("%s of your recipe couldn't be placed: “%s”%s Turn each into an ingredient or a step, or lay "
                        + "it aside. Until then no handout says what this dish is made without.")
                .formatted(
                        unread.size() == 1 ? "1 passage" : unread.size() + " passages",
                        Words.shortened(shown),
                        unread.size() == 1 ? "." : ", and more.");
        if (noFood.isEmpty()) {
            object(Rule.UNREAD, Notes.DISH, message);
        } else {
            object(
                    Rule.UNREAD,
                    Notes.DISH,
                    message,
                    "Lay this one aside",
                    now -> now.with(
                            now.dish().withPassages(now.dish().passages().laidAside(shown))));
        }
    }

    private void madeHere(MadeHere made) {
        if (made.isShort()) {
            object(Rule.UNREAD, Notes.DISH, made.message());
        } else {
            object(
                    Rule.UNREAD,
                    Notes.DISH,
                    made.message(),
                    "Made here: don't buy it",
                    now -> now.with(
                            now.dish().withPassages(now.dish().passages().laidAside(made.passage()))));
        }
    }

    /** Nothing that is known, and no amount; and short enough to be read as a whole before it is laid aside. */
    private boolean namesNothingToEat(String passage) {
        return Words.shortened(passage).equals(passage)
                && Spoken.items(passage, catalogue).isEmpty()
                && !DishProposal.namesAmount(passage);
    }
}
