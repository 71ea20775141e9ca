package hopsel.core.recipe;

import hopsel.core.dish.Step;

import java.util.regex.Pattern;

/** What the words of a step may speak of, where no fact of the dish says it. */
public enum Said {
    DRIED_BEANS("\\b(?:dried bean|dry bean|dried chickpea)"),
    HOT("\\bhot"),
    PAPER("\\b(?:paper|parchment|baking sheet)"),
    /** Paper that burns; rice paper and kitchen paper do not lie in ovens. */
    BAKING_PAPER("\\b(?:baking paper|parchment(?: paper)?|greaseproof(?: paper)?|(?<!rice |rice-|kitchen )paper)"
            + "(?:-lined)?\\b"),
    LID_OFF("\\b(?:lift the lid|lid off)"),
    MOLTEN("\\bmolten"),
    BOILING("boiling"),
    /** Nothing but water comes to the boil. */
    WATER_BOILS(
            "boil (?:the |a |some )?(?:pot|pan|kettle|water)|bring[^.]{0,40}water[^.]{0,20}boil|water (?:to|comes)"),
    /** It has to boil before anything else happens. */
    BOILS_UP("\\b(?:bring|come|comes)\\b.{0,30}\\bboil\\b|until it boils"),
    /** Oil that is kept and used again: a pan's worth is wiped out. */
    DEEP_FRYING("(?:deep|shallow)[- ]fr|hot oil"),
    /** Only makes something hot again. */
    WARMING("\\b(?:re-?heat|warm (?:through|up)|keep warm|heat (?:up|through))");

    private final Pattern words;

    Said(String words) {
        this.words = Pattern.compile(words, Pattern.CASE_INSENSITIVE);
    }

    /** Whether a text says so. */
    public boolean in(String text) {
        return words.matcher(text).find();
    }

    /** Whether a step does: its name, its instruction or its cue. */
    public boolean in(Step step) {
        return in(step.title() + ". " + step.instruction() + " " + step.cue().orElse(""));
    }

    /** The text, with something else in the place of it. */
    public String replaced(String text, String by) {
        return words.matcher(text).replaceAll(by);
    }
}
