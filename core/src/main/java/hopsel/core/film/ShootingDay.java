package hopsel.core.film;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Style;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.Step;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Plan;

import java.util.List;
import java.util.Optional;

/**
 * The day on which a recording is shot, as a class that can be planned: the camera stops while something simmers and
 * goes on with the same pan, so that waiting costs the day and not the film, and one batch is enough.
 */
public final class ShootingDay {

    /** A long day in the kitchen. */
    private static final Minutes DAY = Minutes.of(12 * 60);
    /** What takes longer than this is made the day before, with a batch of its own. */
    private static final Minutes OVERNIGHT = Minutes.of(6 * 60);

    private static final int QUARTER = 15 * 60;

    private ShootingDay() {}

    /** Whether a class is a film: a recording, planned by those rules that know of hands and talk. */
    public static boolean isFilm(CookingClass cooking) {
        return cooking.style() == Style.RECORDING && Edition.of(cooking) == Edition.SECOND;
    }

    /** What is planned of a class: the day of a film, and any other class as it is. */
    public static CookingClass planned(CookingClass cooking) {
        return isFilm(cooking) ? of(cooking) : cooking;
    }

    /**
     * The same day once it is planned: as long as its plan, to the next quarter of an hour; any other class as it is.
     */
    public static CookingClass around(CookingClass cooking, Plan plan) {
        if (!isFilm(cooking) || !plan.possible() || plan.overrun() > 0) {
            return cooking;
        }
        int quarters = (plan.airEnd() + QUARTER - 1) / QUARTER;
        return cooking.lasting(Minutes.of(Math.max(1L, quarters) * QUARTER / 60));
    }

    private static CookingClass of(CookingClass film) {
        Tempo tempo = film.tempo().withTalk(List.of()).withSure(Optional.empty());
        CookingClass day = film.with(film.dishes().stream()
                .map(dish -> dish.eachStep(ShootingDay::uncut))
                .toList());
        return day.lasting(DAY).withTempo(tempo);
    }

    private static Step uncut(Step step) {
        boolean overnight = step.minutes().likely().compareTo(OVERNIGHT) > 0;
        return step.withPart(Optional.empty()).withSwap(overnight ? step.swap() : Optional.empty());
    }
}
