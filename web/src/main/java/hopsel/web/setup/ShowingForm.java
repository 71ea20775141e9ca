package hopsel.web.setup;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.food.Staging;
import hopsel.core.measure.Minutes;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was typed of how each step of a class is shown. Steps are numbered through all dishes. */
final class ShowingForm {

    private static final int MOST_WORTH = 100;

    private final Entered entered;
    private final String take;
    private int number;

    ShowingForm(Entered entered) {
        this.entered = entered;
        this.take = entered.fields().getOrDefault("take", "");
    }

    /** The class with what was typed, and the proposals that were taken. */
    CookingClass of(CookingClass before) throws BadEntryException {
        List<Dish> dishes = new ArrayList<>();
        for (Dish dish : before.dishes()) {
            Dish changed = dish;
            for (Step step : dish.steps().toList()) {
                Step typed = typed(step);
                Dish now = changed.change(step.id(), own -> typed);
                changed = takes()
                        ? now.change(step.id(), own -> Staging.of(now, own).after())
                        : now;
                number++;
            }
            dishes.add(changed);
        }
        return before.with(dishes);
    }

    private boolean takes() {
        return take.equals("all") || take.equals("lift") || take.equals(String.valueOf(number));
    }

    private Step typed(Step step) throws BadEntryException {
        if (!entered.fields().containsKey("on-air-" + number)) {
            return step;
        }
        Show show = entered.choice("on-air-" + number, Show.values(), Show::word);
        int worth = entered.whole("worth-" + number, 0, MOST_WORTH).orElse(step.worth());
        return step.withShow(show)
                .withWorth(show == Show.MAY ? worth : Step.USUAL_WORTH)
                .withPart(show == Show.NEVER ? Optional.empty() : part(step))
                .withSwap(show == Show.NEVER ? Optional.empty() : swap(step))
                .withHandsOn(hands(step));
    }

    private Optional<Minutes> part(Step step) throws BadEntryException {
        Optional<Minutes> part = typed("part-", step.part());
        if (part.isPresent() && part.get().compareTo(step.minutes().likely()) >= 0) {
            throw new BadEntryException(
                    "part-" + number,
                    "is %s min of “%s”, which takes %s. Show less than all of it, or leave the field empty."
                            .formatted(part.get(), step.title(), step.minutes().likely()));
        }
        return part;
    }

    private Optional<Minutes> swap(Step step) throws BadEntryException {
        Optional<Minutes> swap = typed("swap-", step.swap());
        if (swap.isPresent() && swap.get().compareTo(step.minutes().likely()) > 0) {
            throw new BadEntryException(
                    "swap-" + number,
                    "is %s min of “%s”, which takes %s. Show the swap-out for less."
                            .formatted(swap.get(), step.title(), step.minutes().likely()));
        }
        return swap;
    }

    private HandsOn hands(Step step) throws BadEntryException {
        if (step.work() == Work.HANDS) {
            return HandsOn.NONE;
        }
        HandsOn hands = new HandsOn(
                typed("in-", Optional.of(step.handsOn().start())).orElse(Minutes.ZERO),
                typed("out-", Optional.of(step.handsOn().end())).orElse(Minutes.ZERO));
        if (hands.both().compareTo(step.minutes().likely()) > 0) {
            throw new BadEntryException(
                    "in-" + number,
                    "is more, with the hands that take it out, than the %s min that “%s” takes. Give less."
                            .formatted(step.minutes().likely(), step.title()));
        }
        return hands;
    }

    /** Minutes above zero, as typed; as before where the page did not ask. */
    private Optional<Minutes> typed(String field, Optional<Minutes> before) throws BadEntryException {
        return entered.fields().containsKey(field + number)
                ? entered.minutes(field + number).filter(minutes -> minutes.seconds() > 0)
                : before;
    }
}
