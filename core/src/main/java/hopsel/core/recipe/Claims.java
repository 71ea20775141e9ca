package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Reads which sentences speak of health, nutrients or what an ingredient does to a body. One sentence too many is meant
 * to be more likely than one too few.
 */
public final class Claims {

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

    private Claims() {}

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
}
