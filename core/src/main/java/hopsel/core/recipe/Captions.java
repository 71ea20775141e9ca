package hopsel.core.recipe;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Puts stops into captions that have few: where something is begun, or after a pause, a sentence ends; anywhere else
 * two captions are parted by a comma. Words and times stay.
 */
final class Captions {

    private static final Pattern CUE = Pattern.compile(
            "(?<from>(?:\\d{1,2}:)?\\d{1,2}:\\d{2}[.,]\\d{3})\\s*-->\\s*(?<to>(?:\\d{1,2}:)?\\d{1,2}:\\d{2}[.,"
                    + "]\\d{3}).*\\R(?<text>(?:(?!.*-->).*\\p{L}.*(?:\\R|$))*)");
    private static final Pattern OPENS = Pattern.compile(
            "^(?:so|now|then|and then|today|tonight|you(?:'ll| will) need|while|first|next|after|once|when|okay|"
                    + "ok|right|lovely|meanwhile|(?:and )?(?:bake|fry|boil|simmer|roll|knead|chop|halve|serve"
                    + "|spread|drain) (?!-)|let's|lid on|here's|welcome|hello|hi|i always|i'm|we're|thanks|thank you|"
                    + "see you|bye|\\p{L}+ (?:back )?(?:in|on|off|out)\\b[ ,])",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern STOP = Pattern.compile("[.!?](?=\\s|$)");
    private static final Pattern ENDED = Pattern.compile(".*[.,;:!?…]\\s*$", Pattern.DOTALL);
    private static final int WORDS_A_STOP = 18;
    private static final int PAUSE = 2;

    private Captions() {}

    /** The captions with stops; as they are where they have them, and any other text as it is. */
    static String punctuated(String source) {
        long words = 0;
        long stops = 0;
        Matcher cue = CUE.matcher(source);
        while (cue.find()) {
            words += Stream.of(cue.group("text").split("\\s+"))
                    .filter(word -> !word.isEmpty())
                    .count();
            stops += STOP.matcher(cue.group("text")).results().count();
        }
        return words > 0 && stops * WORDS_A_STOP < words ? withStops(source) : source;
    }

    private static String withStops(String source) {
        StringBuilder all = new StringBuilder();
        Matcher cue = CUE.matcher(source);
        Matcher next = CUE.matcher(source);
        int from = 0;
        boolean begins = true;
        while (cue.find()) {
            String text = cue.group("text").stripTrailing();
            boolean last = !next.find(cue.end());
            boolean ends = last || OPENS.matcher(next.group("text").strip()).find() || pause(cue, next) >= PAUSE;
            all.append(source, from, cue.start("text")).append(begins ? capital(text) : text);
            begins = ends || text.matches("(?s).*[.!?]");
            if (!ENDED.matcher(text).matches()) {
                all.append(ends ? "." : ",");
            }
            from = cue.start("text") + text.length();
        }
        return all.append(source.substring(from)).toString();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static double pause(Matcher cue, Matcher next) {
        return seconds(next.group("from")) - seconds(cue.group("to"));
    }

    private static double seconds(String clock) {
        double seconds = 0;
        for (String part : clock.replace(',', '.').split(":")) {
            seconds = seconds * 60 + Double.parseDouble(part);
        }
        return seconds;
    }
}
