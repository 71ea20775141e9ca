package hopsel.web.setup;

import hopsel.core.classes.Edition;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.Tempo;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Slug;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was typed of how a class is held: turning, talk, what swap-outs cost, and how sure its end has to be. */
final class TempoForm {

    private static final int MOST_ROWS = 20;
    private static final int MOST_COST = 100;
    private static final int LEAST_SURE = 50;
    private static final int MOST_SURE = 99;

    private final Tempo before;
    private final Entered entered;

    TempoForm(Tempo before, Entered entered) {
        this.before = before;
        this.entered = entered;
    }

    /** As it was before where the page did not ask. */
    Tempo tempo() throws BadEntryException {
        if (!entered.fields().containsKey("turn")) {
            return before;
        }
        Optional<BigDecimal> sure =
                entered.whole("sure", LEAST_SURE, MOST_SURE).map(share -> BigDecimal.valueOf(share, 2));
        Tempo typed = new Tempo(
                entered.minutes("turn").orElse(Minutes.ZERO),
                talk(),
                entered.whole("swap-cost", 0, MOST_COST).orElse(Tempo.USUAL_SWAP_COST),
                sure,
                before.edition());
        return entered.isChecked("second") ? typed.withEdition(Edition.SECOND) : typed;
    }

    private List<TalkPiece> talk() throws BadEntryException {
        List<TalkPiece> talk = new ArrayList<>();
        String dropped = entered.fields().getOrDefault("drop", "");
        for (int i = 0; i < MOST_ROWS; i++) {
            Optional<String> title = entered.text("talk-title-" + i);
            Optional<Minutes> minutes = entered.minutes("talk-minutes-" + i);
            if (dropped.equals("talk-" + i) || title.isEmpty() && minutes.isEmpty()) {
                continue;
            }
            if (minutes.filter(some -> some.value().signum() > 0).isEmpty()) {
                throw new BadEntryException("talk-minutes-" + i, "is empty or zero. Say how many minutes it takes.");
            }
            talk.add(piece(i, title.orElse("Talk"), minutes.get(), talk));
        }
        return talk;
    }

    private TalkPiece piece(int i, String title, Minutes minutes, List<TalkPiece> others) throws BadEntryException {
        TalkPiece.Moment at = entered.choice("talk-at-" + i, TalkPiece.Moment.values(), TalkPiece.Moment::word);
        boolean between = at == TalkPiece.Moment.BETWEEN;
        Optional<Minutes> from = between ? entered.minutes("talk-from-" + i) : Optional.empty();
        Optional<Minutes> to = between ? entered.minutes("talk-to-" + i) : Optional.empty();
        int least = from.map(Minutes::seconds).orElse(0) + minutes.seconds();
        if (to.filter(until -> until.seconds() < least).isPresent()) {
            throw new BadEntryException("talk-to-" + i, "leaves no room for it. Let it end later, or make it shorter.");
        }
        String id = entered.text("talk-id-" + i)
                .orElseGet(() -> Slug.free(title, taken -> others.stream()
                        .anyMatch(other -> other.id().equals(taken))));
        return new TalkPiece(id, minutes, at, from, to, Optional.of(title));
    }
}
