package hopsel.core.classes;

import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Step;
import hopsel.core.measure.Minutes;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a class asks of its plan and plans do not reckon with yet: version 2 of the contract is read and kept, and a
 * plan that leaves half of it out must not look as if it did not.
 */
public enum Unplanned {
    TALK("talk with empty hands"),
    TURNING("time to turn between dishes"),
    SWAP_COST("a cost of swap-outs"),
    SURE("how sure the class has to end in time"),
    HANDS_AT_THE_ENDS("hands at the ends of steps"),
    SHOWN_IN_PART("steps shown in part"),
    WORTH("what steps are worth");

    private final String words;

    Unplanned(String words) {
        this.words = words;
    }

    /** What it is, as a cook says it. */
    public String words() {
        return words;
    }

    /** What a class asks for; empty: its plan reckons with all of it. */
    public static List<Unplanned> of(CookingClass cooking) {
        Set<Unplanned> asked = new LinkedHashSet<>();
        Tempo tempo = cooking.tempo();
        add(asked, TALK, !tempo.talk().isEmpty());
        add(asked, TURNING, tempo.turn().compareTo(Minutes.ZERO) > 0);
        add(asked, SWAP_COST, tempo.swapCost() != Tempo.USUAL_SWAP_COST);
        add(asked, SURE, tempo.sure().isPresent());
        cooking.dishes().forEach(dish -> dish.steps().forEach(step -> of(step, asked)));
        return List.copyOf(asked);
    }

    private static void of(Step step, Set<Unplanned> asked) {
        add(asked, HANDS_AT_THE_ENDS, !step.handsOn().equals(HandsOn.NONE));
        add(asked, SHOWN_IN_PART, step.part().isPresent());
        add(asked, WORTH, step.worth() != Step.USUAL_WORTH);
    }

    private static void add(Set<Unplanned> asked, Unplanned what, boolean whether) {
        if (whether) {
            asked.add(what);
        }
    }
}
