package hopsel.core.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Variant;
import hopsel.core.recipe.Claims;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds sentences of the host that speak of health, nutrients or what an ingredient does to a body. Each wants a mark
 * (fact with a source, opinion, own experience) before it leaves the draft. It reads English words; one sentence too
 * many is meant to be more likely than one too few.
 */
public final class Statements {

    private Statements() {}

    /** Sentences that speak of such things, each once, in the order in which a reader meets them. */
    public static List<String> of(CookingClass cooking, HostWords words) {
        Set<String> found = new LinkedHashSet<>(Claims.in(words.intro()));
        cooking.dishes().forEach(dish -> {
            DishWords own = words.dish(dish.id());
            found.addAll(Claims.in(own.story()));
            dish.steps().forEach(step -> {
                found.addAll(Claims.in(step.instruction()));
                found.addAll(Claims.in(own.tips().getOrDefault(step.id(), "")));
            });
            found.addAll(Claims.in(own.makeAhead()));
            own.variants().stream().map(Variant::what).forEach(what -> found.addAll(Claims.in(what)));
        });
        return List.copyOf(found);
    }

    /** Sentences that have no mark yet, or a fact without a source. */
    public static List<String> unmarked(CookingClass cooking, HostWords words) {
        return of(cooking, words).stream()
                .filter(sentence -> {
                    HostWords.Mark mark = words.marks().get(sentence);
                    return mark == null
                            || mark.kind() == HostWords.Claim.FACT
                                    && mark.source().isBlank();
                })
                .toList();
    }
}
