package hopsel.core.recipe;

import java.util.List;
import java.util.regex.MatchResult;
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
                    + "ok|right|this is|in with|\\(cut\\)|lovely|meanwhile|(?:and )?(?:bake|fry|boil|simmer"
                    + "|roll|knead|chop|halve|serve"
                    + "|spread|drain) (?!-)|let's|lid on|here's|welcome|hello|hi|i always|i'm|we're|thanks|thank you|"
                    + "see you|bye|\\p{L}+ (?:back )?(?:in|on|off|out)\\b[ ,])",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern STOP = Pattern.compile("[.!?](?=\\s|$)");
    private static final Pattern ENDED = Pattern.compile(".*[.,;:!?…]\\s*$", Pattern.DOTALL);
    private static final Pattern UNFINISHED = Pattern.compile(
            "\\b(?:of|a|an|the|and|or|with|to|in|into|on|for|about|some|my|your|our|this|that|is|just|mix|add"
                    + "|cups?|grams?"
                    + "|tablespoons?|teaspoons?|half|quarter|one|two|three|four|five|six|seven|eight|nine|ten)\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final int WORDS_A_STOP = 18;
    private static final int PAUSE = 2;

    private Captions() {}

    /** {@code 01:50 heat the oil}: what was said at which moment, a line each. */
    private static final Pattern MOMENT = Pattern.compile("(?m)^((?:\\d{1,2}:)?\\d{1,2}:\\d{2}) +(?!-->)(\\S.*)$");
    /** Whoever talks speaks of himself. */
    private static final Pattern TALKS = Pattern.compile(
            "\\b(?:I(?:'m|’m|'ve|’ve| am)?|we(?:'re|’re|'ve|’ve)?|let's|so today|okay|ok)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final int LEAST_MOMENTS = 4;
    private static final int LEAST_TALK = 2;

    /** Lines with their moments as captions; any other text as it is. */
    static String cued(String source) {
        List<MatchResult> lines = MOMENT.matcher(source).results().toList();
        long all = source.lines().filter(line -> !line.isBlank()).count();
        boolean talk = TALKS.matcher(source).results().limit(LEAST_TALK).count() >= LEAST_TALK;
        if (source.contains("-->") || lines.size() < LEAST_MOMENTS || lines.size() * 2 < all || !talk) {
            return source;
        }
        StringBuilder captions = new StringBuilder("WEBVTT\n");
        int next = 0;
        for (String line : source.lines().filter(one -> !one.isBlank()).toList()) {
            // A line without a moment was said with the one above it, or before all of them.
            Matcher at = MOMENT.matcher(line);
            boolean moment = at.matches();
            if (moment || next == 0) {
                String from = lines.get(next).group(1);
                String to = lines.get(Math.min(next + 1, lines.size() - 1)).group(1);
                captions.append("\n%s.000 --> %s.000\n".formatted(from, to));
            }
            captions.append(moment ? at.group(2) : line).append('\n');
            next += moment ? 1 : 0;
        }
        return captions.toString();
    }

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
                String pause = goesOn(text) ? "" : ",";
                all.append(ends ? "." : pause);
            }
            from = cue.start("text") + text.length();
        }
        return all.append(source.substring(from)).toString();
    }

    /** Whether a caption breaks off in the middle: "one and a half cups of". */
    private static boolean goesOn(String text) {
        return UNFINISHED.matcher(text).find();
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
