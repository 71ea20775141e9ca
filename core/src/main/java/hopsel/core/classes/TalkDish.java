package hopsel.core.classes;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;

import java.math.BigDecimal;
import java.util.List;

/**
 * What a host says with empty hands, as steps of a dish of which nobody eats: so that the welcome, the tasting and the
 * goodbye stand among what is done on air. It is on no menu.
 */
public final class TalkDish {

    /** Its id, which no dish of a class can have. */
    static final String ID = "~";

    private TalkDish() {}

    /** A piece of talk as a step. */
    public static StepRef ref(String piece) {
        return new StepRef(ID, piece);
    }

    /** Whether a step is something that is said. */
    public static boolean holds(StepRef ref) {
        return ref.dish().equals(ID);
    }

    static Dish of(Tempo tempo) {
        List<Step> steps = tempo.talk().stream()
                .map(piece -> Step.of(piece.id(), tempo.called(piece.id()), StepMinutes.of(piece.minutes()), Work.HANDS)
                        .withShow(Show.MUST))
                .toList();
        return new Dish(ID, "", BigDecimal.ONE, List.of(new Component(ID, "", List.of(), steps)));
    }
}
