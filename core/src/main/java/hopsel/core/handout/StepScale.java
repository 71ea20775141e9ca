package hopsel.core.handout;

import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.mise.ToolFinder;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What another number of servings does to a step: rounds in the pan, more tins, a longer wait until it boils, more to cut.
 *
 * <p>A recipe is taken to fill its pan or tin once, unless it says otherwise. Kitchen practice, to be checked by the cue.
 *
 * @param seconds of the step, for these servings
 * @param what    what changes; empty: nothing
 * @param number  rounds, or tins
 * @param thing   the tin or pan, as a cook says it
 */
public record StepScale(int seconds, Optional<What> what, int number, String thing) {

    /** What changes. */
    public enum What { ROUNDS, TINS, SMALLER_TIN, BOIL_LONGER, BOIL_SHORTER, CUT_MORE, CUT_LESS }

    private static final Set<String> TINS = Set.of("loaf tin", "tart tin", "cake tin", "baking tray", "baking sheet", "baking dish", "roasting tin", "tart ring");
    private static final Pattern SAID_ROUNDS = Pattern.compile("in (two|three|four|2|3|4) (?:rounds|batches|goes)");
    private static final Pattern FRIES = Pattern.compile("\\b(?:fry|sear|brown|crisp|griddle|cook each|sauté|toast)\\w*\\b");
    private static final Pattern BOILS_UP = Pattern.compile("\\b(?:bring|come|comes)\\b.{0,30}\\bboil\\b|until it boils");
    private static final Pattern CUTS = Pattern.compile("\\b(?:peel|chop|dice|slice|cut|grate|shred|trim|shape|fill and fold|roll into|form|pinch)\\w*\\b");
    /** So much more than a pan or tin is meant for goes in without another round. */
    private static final BigDecimal ROOM = new BigDecimal("0.2");
    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final int MOST = 60;

    private static StepScale same(Step step) {
        return new StepScale(step.minutes().likely().seconds(), Optional.empty(), 1, "");
    }

    /**
     * For a factor.
     *
     * @param factor servings by servings of the recipe, above 0
     */
    public static StepScale of(Step step, BigDecimal factor) {
        String text = (step.title() + ". " + step.instruction()).toLowerCase(Locale.ROOT);
        int seconds = step.minutes().likely().seconds();
        boolean oven = step.needs().stream().anyMatch(need -> need.kind().equals("oven"));
        boolean ring = step.needs().stream().anyMatch(need -> Set.of("burner", "griddle").contains(need.kind()));
        Optional<String> tin = ToolFinder.of(step).stream().map(tool -> tool.name()).filter(TINS::contains).findFirst();
        if (oven || tin.isPresent()) {
            return tins(step, factor, tin);
        }
        if (ring && BOILS_UP.matcher(text).find()) {
            return factor.compareTo(BigDecimal.ONE) == 0 ? same(step) : new StepScale(scaled(seconds, factor), Optional.of(factor.compareTo(BigDecimal.ONE) > 0 ? What.BOIL_LONGER : What.BOIL_SHORTER), 1, "");
        }
        if (ring && FRIES.matcher(text).find()) {
            return rounds(step, factor, text);
        }
        if (step.work() == Work.HANDS && CUTS.matcher(text).find() && factor.compareTo(BigDecimal.ONE) != 0) {
            return new StepScale(scaled(seconds, factor), Optional.of(factor.compareTo(BigDecimal.ONE) > 0 ? What.CUT_MORE : What.CUT_LESS), 1, "");
        }
        return same(step);
    }

    private static StepScale rounds(Step step, BigDecimal factor, String text) {
        int before = said(text);
        int after = number(factor.multiply(BigDecimal.valueOf(before)));
        int each = step.minutes().likely().seconds() / before;
        return after == before ? same(step) : new StepScale(each * after, Optional.of(What.ROUNDS), after, "pan");
    }

    private static int said(String text) {
        Matcher rounds = SAID_ROUNDS.matcher(text);
        return !rounds.find() ? 1 : switch (rounds.group(1)) {
            case "two", "2" -> 2;
            case "three", "3" -> 3;
            default -> 4;
        };
    }

    private static StepScale tins(Step step, BigDecimal factor, Optional<String> tin) {
        if (tin.isEmpty()) {
            return same(step);
        }
        int after = number(factor);
        int seconds = step.minutes().likely().seconds();
        if (after > 1) {
            return new StepScale(seconds, Optional.of(What.TINS), after, tin.get());
        }
        return factor.compareTo(HALF) <= 0 ? new StepScale(seconds, Optional.of(What.SMALLER_TIN), 1, tin.get()) : same(step);
    }

    private static int number(BigDecimal factor) {
        return factor.subtract(ROOM).setScale(0, RoundingMode.CEILING).max(BigDecimal.ONE).min(BigDecimal.valueOf(MOST)).intValue();
    }

    /** To half minutes, never less than one. */
    private static int scaled(int seconds, BigDecimal factor) {
        return factor.multiply(BigDecimal.valueOf(seconds)).divide(BigDecimal.valueOf(30), 0, RoundingMode.HALF_UP).max(BigDecimal.ONE).intValue() * 30;
    }
}
