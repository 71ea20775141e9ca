package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What those who hold a class ask of its plan.
 *
 * @param turn what one person needs between hands work on one dish and on another, 0 or more
 * @param talk what is said with empty hands
 * @param swapCost what a swap-out costs, a whole number from 0 up
 * @param sure in which share of the evenings the class ends in its slot, above 0 and below 1; empty: it is planned by
 *     the likely minutes alone
 * @param edition by which rules it is planned where it asks for none of the above
 */
@Copyable
public record Tempo(Minutes turn, List<TalkPiece> talk, int swapCost, Optional<BigDecimal> sure, Edition edition)
        implements TempoBuilder.With {

    /** What a swap-out costs where nobody said it. */
    public static final int USUAL_SWAP_COST = 2;

    /** Nothing was asked. */
    public static final Tempo USUAL =
            new Tempo(Minutes.ZERO, List.of(), USUAL_SWAP_COST, Optional.empty(), Edition.FIRST);

    /** Keeps its own copy. */
    public Tempo {
        talk = List.copyOf(talk);
    }

    /** What a talk is called: its title, or else its id. */
    public String called(String id) {
        return talk.stream()
                .filter(piece -> piece.id().equals(id))
                .findFirst()
                .flatMap(TalkPiece::title)
                .orElse(id);
    }
}
