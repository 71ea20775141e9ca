package hopsel.core.handout;

import hopsel.core.caution.FoundCaution;
import hopsel.core.diet.Doubt;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Allergen;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Working;
import hopsel.core.mise.HomeTools;
import hopsel.core.nutrition.NutritionFacts;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What one attendee takes home.
 *
 * @param attendee who
 * @param dishes with their amounts
 */
public record Handout(Attendee attendee, List<DishPart> dishes) {

    /**
     * A dish for this attendee.
     *
     * @param id of the dish
     * @param title as announced
     * @param components with lines and steps
     * @param allergens in what this attendee's version holds
     * @param madeWithout what the attendee avoids and this version is made without
     * @param doubts why nothing, or not everything, is said of what it is made without
     * @param cautions found from ingredients and techniques, less those that the host hides
     * @param handsOn seconds of hands work
     * @param watched seconds that somebody has to be near
     * @param unattended seconds that run by themselves
     * @param elapsed seconds from the first step to the last, with hands enough
     * @param strands how the components fit together in time
     * @param tools with what will do instead
     * @param keeping how long it keeps
     * @param swaps what could stand in for what, and what that changes
     * @param nutrition of the whole dish, in this attendee's version
     * @param words what the host writes
     */
    public record DishPart(
            String id,
            String title,
            List<ComponentPart> components,
            List<Allergen> allergens,
            List<String> madeWithout,
            List<Doubt> doubts,
            List<FoundCaution> cautions,
            int handsOn,
            int watched,
            int unattended,
            int elapsed,
            List<Strand> strands,
            List<HomeTools.Tool> tools,
            Keeping keeping,
            List<Swap> swaps,
            NutritionFacts nutrition,
            DishWords words) {}

    /** What could stand in: names, and what it changes. */
    public record Swap(String name, String use, String effect) {}

    /**
     * A component for this attendee.
     *
     * @param title as in the recipe
     * @param lines what goes in
     * @param steps what to do
     */
    public record ComponentPart(String title, List<Line> lines, List<StepPart> steps) {}

    /**
     * A step for this attendee.
     *
     * @param step as in the recipe
     * @param scale what their servings do to it
     * @param text with the amounts in it for their servings
     * @param foryou what stands in here, or is left out, for them: sentences without a full stop
     * @param tastes amounts that are found by taste here
     */
    public record StepPart(Step step, StepScale scale, String text, List<ForYou> foryou, List<Seasoning> tastes) {}

    /**
     * What is different at a step for this attendee.
     *
     * @param written name of what the recipe says
     * @param use name of what goes in; empty: it is left out
     */
    public record ForYou(String written, Optional<String> use) {}

    /**
     * An ingredient for this attendee.
     *
     * @param name of what is used
     * @param amount as a cook measures it; empty: to taste
     * @param grams edible, exact; empty: to taste
     * @param working how the grams come about
     * @param prep the cut
     * @param optional whether the dish is complete without it
     * @param from kit, home or host
     * @param state as written, substituted, left out or not to be served
     * @param insteadOf name of what is not used
     * @param substitution what stands in
     * @param reasons what is avoided in the line
     * @param checkLabel some makers' are not plant-based
     * @param id of the line
     * @param item id of what is used
     */
    public record Line(
            String name,
            Optional<String> amount,
            Optional<BigDecimal> grams,
            Working working,
            Optional<String> prep,
            boolean optional,
            Source from,
            State state,
            Optional<String> insteadOf,
            Optional<Substitution> substitution,
            List<String> reasons,
            boolean checkLabel,
            String id,
            String item) {

        /** What became of the line. */
        public enum State {
            AS_WRITTEN,
            SUBSTITUTED,
            LEFT_OUT,
            CANNOT_SERVE
        }
    }
}
