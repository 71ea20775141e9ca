package hopsel.core.bench;

import hopsel.core.dish.Step;
import hopsel.core.dish.Work;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** The waits that sink classes, told by the words of a step. */
public enum HiddenTime {
    HEATING("pre-?heat|heat (?:the |your |up the )?oven|oven on"),
    BOILING("boil (?:the |a |some )?(?:pot|pan|kettle|water)|bring[^.]{0,40}water[^.]{0,20}boil|water (?:to|comes)"),
    SOAKING("soak|rehydrat"),
    THAWING("thaw|defrost"),
    PRESSING("press(?!ure)"),
    MARINATING("marinat|marinade"),
    GELLING("flax|chia|gel\\b"),
    PRESSURE("pressure|natural release"),
    RISING("rise|proof|prove|ferment"),
    RESTING("\\brest|relax|stand|sit\\b"),
    CHILLING("chill|refrigerat|fridge|freez"),
    SETTING("\\bset\\b|setting|firm up"),
    COOLING("cool");

    private final Pattern words;

    HiddenTime(String words) {
        this.words = Pattern.compile(words, Pattern.CASE_INSENSITIVE);
    }

    /** What a step that nobody stands at is waiting for; empty for cooking and for hands work. */
    public static Optional<HiddenTime> of(Step step) {
        String text = (step.title() + " " + step.instruction()).toLowerCase(Locale.ROOT);
        boolean water = step.work() == Work.WATCH
                && BOILING.words.matcher(text).find()
                && step.uses().isEmpty();
        if (step.work() != Work.REST && !water) {
            return Optional.empty();
        }
        return water
                ? Optional.of(BOILING)
                : Arrays.stream(values())
                        .filter(what -> what.words.matcher(step.title()).find())
                        .findFirst()
                        .or(() -> Arrays.stream(values())
                                .filter(what -> what.words.matcher(text).find())
                                .findFirst());
    }
}
