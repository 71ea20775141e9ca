package hopsel.core.classes;

import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Step;
import hopsel.core.measure.Minutes;

import java.util.List;

/** By which of the contract's rules a class is planned. */
public enum Edition {
    /** Rules 1 to 15: swap-outs and hidden steps are counted. */
    FIRST,
    /** Rules 16 to 20 as well: hands, talk and turning have their minutes, and what is given up has its price. */
    SECOND;

    /** The edition a class is planned by. */
    public static Edition of(CookingClass cooking) {
        return cooking.tempo().edition();
    }

    /** Whether something is asked for that only the second edition knows of. */
    static boolean asked(Tempo tempo, List<Dish> dishes) {
        return asks(tempo) || dishes.stream().anyMatch(dish -> dish.steps().anyMatch(Edition::asks));
    }

    private static boolean asks(Tempo tempo) {
        return tempo.turn().compareTo(Minutes.ZERO) > 0
                || !tempo.talk().isEmpty()
                || tempo.swapCost() != Tempo.USUAL_SWAP_COST
                || tempo.sure().isPresent();
    }

    private static boolean asks(Step step) {
        return !step.handsOn().equals(HandsOn.NONE) || step.part().isPresent() || step.worth() != Step.USUAL_WORTH;
    }
}
