package hopsel.core.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Variant;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds sentences of the host that speak of health, nutrients or what an ingredient does to a body. Each wants a mark
 * (fact with a source, opinion, own experience) before it leaves the draft. It reads English words; one sentence too
 * many is meant to be more likely than one too few.
 */
public final class Statements {

    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!?])\\s+|\\n+");
    private static final Pattern CLAIM = Pattern.compile(
            "\\b(?:health\\w*|unhealth\\w*|nutri\\w+|vitamins?|minerals?|proteins?|calori\\w+|kcal|fibre|fiber|"
                    + "iron|calcium|zinc|iodine|selenium|magnesium|potassium|b12|omega|antioxid\\w+"
                    + "|inflamm\\w+|immun\\w+|digest\\w*|gut|probiotic\\w*|cholesterol|blood|heart|sugar "
                    + "spike|insulin|diabet\\w+|glyc\\w+|cancer\\w*|detox\\w*|cleans\\w+ "
                    + "your|metaboli\\w+|weight loss|slimming|fattening|low[- ]fat"
                    + "|good for you|bad for you|better for "
                    + "you|superfood\\w*|wholesome|energ(?:y|ising|izing)|cures?|heals?|healing|prevents?|"
                    + "medicin\\w+|toxic|toxins?|oestrogen|estrogen|hormon\\w+|processed|"
                    + "additives?|natural(?:ly)?|pure|clean eating)\\b",
            Pattern.CASE_INSENSITIVE);

    private Statements() {}

    /** Sentences that speak of such things, each once, in the order in which a reader meets them. */
    public static List<String> of(CookingClass cooking, HostWords words) {
        Set<String> found = new LinkedHashSet<>(in(words.intro()));
        cooking.dishes().forEach(dish -> {
            DishWords own = words.dish(dish.id());
            found.addAll(in(own.story()));
            dish.steps().forEach(step -> {
                found.addAll(in(step.instruction()));
                found.addAll(in(own.tips().getOrDefault(step.id(), "")));
            });
            found.addAll(in(own.makeAhead()));
            own.variants().stream().map(Variant::what).forEach(what -> found.addAll(in(what)));
        });
        return List.copyOf(found);
    }

    /** Those of a text. */
    public static List<String> in(String text) {
        List<String> found = new ArrayList<>();
        for (String sentence : SENTENCE.split(text)) {
            if (CLAIM.matcher(sentence).find()) {
                found.add(sentence.strip());
            }
        }
        return found;
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
