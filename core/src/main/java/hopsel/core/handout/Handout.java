package hopsel.core.handout;

import hopsel.core.caution.Caution;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.item.Allergen;
import hopsel.core.measure.Working;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What one attendee takes home.
 *
 * @param attendee who
 * @param dishes   with their amounts
 */
public record Handout(Attendee attendee, List<DishPart> dishes) {

    /**
     * A dish for this attendee.
     *
     * @param title       as announced
     * @param components  with lines and steps
     * @param allergens   in what this attendee's version holds
     * @param madeWithout what the attendee avoids and this version is made without
     * @param cautions    found from ingredients and techniques
     * @param handsOn     seconds of hands work
     * @param watched     seconds that somebody has to be near
     * @param unattended  seconds that run by themselves
     */
    public record DishPart(String title, List<ComponentPart> components, List<Allergen> allergens, List<String> madeWithout,
                           Set<Caution> cautions, int handsOn, int watched, int unattended) {
    }

    /**
     * A component for this attendee.
     *
     * @param title as in the recipe
     * @param lines what goes in
     * @param steps what to do
     */
    public record ComponentPart(String title, List<Line> lines, List<Step> steps) {
    }

    /**
     * An ingredient for this attendee.
     *
     * @param name         of what is used
     * @param amount       as a cook measures it; empty: to taste
     * @param grams        edible, exact; empty: to taste
     * @param working      how the grams come about
     * @param prep         the cut
     * @param optional     whether the dish is complete without it
     * @param from         kit, home or host
     * @param state        as written, substituted, left out or not to be served
     * @param insteadOf    name of what is not used
     * @param substitution what stands in
     * @param reasons      what is avoided in the line
     * @param checkLabel   some makers' are not plant-based
     */
    public record Line(String name, Optional<String> amount, Optional<BigDecimal> grams, Working working,
                       Optional<String> prep, boolean optional, Source from, State state, Optional<String> insteadOf,
                       Optional<Substitution> substitution, List<String> reasons, boolean checkLabel) {

        /** What became of the line. */
        public enum State { AS_WRITTEN, SUBSTITUTED, LEFT_OUT, CANNOT_SERVE }
    }
}
