package hopsel.core.handout;

import hopsel.core.caution.FoundCaution;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.dish.Dish;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Catalogue;
import hopsel.core.mise.HomeTools;

import java.util.List;
import java.util.Set;

/**
 * What a handout says of a dish and is the same for everybody who cooks it; worked out once for many handouts.
 *
 * @param cautions found from ingredients and techniques
 * @param strands how the components fit together in time
 * @param tools with what will do instead
 * @param keeping what the host said of how it keeps
 * @param check what is not known of it
 */
public record DishFacts(
        List<FoundCaution> cautions,
        List<Strand> strands,
        List<HomeTools.Tool> tools,
        Keeping keeping,
        DishCheck check) {

    /** Of a dish of a class. */
    static DishFacts of(CookingClass cooking, Dish dish, Catalogue catalogue, DishWords words, Set<String> labelsRead) {
        return new DishFacts(
                FoundCaution.of(dish, catalogue),
                Strand.of(dish),
                HomeTools.of(dish),
                Keeping.of(words),
                DishCheck.of(dish, catalogue, labelsRead));
    }
}
