package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What was done on camera while it was spoken of, by the times of captions (WebVTT, SubRip): measured, and kept apart
 * from what was said that it takes.
 */
public final class OnCamera {

    private static final Pattern CUE = Pattern.compile(
            "(?:(\\d{1,2}):)?(\\d{1,2}):(\\d{2})[.,]\\d{3}\\s*-->\\s*(?:(\\d{1,2}):)?(\\d{1,2}):(\\d{2})[.,"
                    + "]\\d{3}.*\\R((?:(?!.*-->).*\\S.*(?:\\R|$))*)");
    /** Where the recording leaves something out. */
    private static final Pattern CUT = Pattern.compile(
            "\\bhere(?:'s| is) (?:one|some)\\b|\\bI (?:made|did|rested|baked|prepared)\\b.{0,25}\\bearlier\\b|"
                    + "\\b(?:minutes?|hours?) later\\b|"
                    + "\\bwelcome back\\b|\\bthe next (?:day|morning)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final int TELLING = 4;
    private static final double MOST_WORDS = 0.6;

    private final List<Spell> spells;

    private OnCamera(List<Spell> spells) {
        this.spells = spells;
    }

    /**
     * How long a step was on camera.
     *
     * @param from seconds from the start of the recording
     * @param seconds how long, until the next thing was done or the recording was cut
     * @param cut whether the recording leaves something out behind it
     */
    public record Shown(int from, int seconds, boolean cut) {}

    /** A sentence with when it was begun, and when the next one was. */
    private record Spell(String sentence, int from, int to) {

        Set<String> words() {
            return telling(sentence);
        }
    }

    /** The captions of a source; of a text without times nothing is known. */
    public static OnCamera of(String source) {
        StringBuilder text = new StringBuilder();
        List<int[]> starts = new ArrayList<>();
        Matcher cue = CUE.matcher(Captions.punctuated(source));
        int end = 0;
        while (cue.find()) {
            starts.add(new int[] {text.length(), seconds(cue, 1)});
            end = seconds(cue, 4);
            text.append(cue.group(7).replaceAll("\\s+", " ").strip()).append(' ');
        }
        List<Spell> spells = new ArrayList<>();
        int at = 0;
        String plain = Numbers.plain(text.toString());
        for (String sentence : StepReader.sentences(plain)) {
            at = Math.max(at, plain.indexOf(sentence, at));
            spells.add(new Spell(sentence, when(starts, at), end));
        }
        for (int i = 0; i + 1 < spells.size(); i++) {
            Spell spell = spells.get(i);
            spells.set(i, new Spell(spell.sentence, spell.from, spells.get(i + 1).from));
        }
        return new OnCamera(spells);
    }

    private static int seconds(Matcher cue, int group) {
        int hours = cue.group(group) == null ? 0 : Integer.parseInt(cue.group(group));
        return hours * 3600 + Integer.parseInt(cue.group(group + 1)) * 60 + Integer.parseInt(cue.group(group + 2));
    }

    private static int when(List<int[]> starts, int at) {
        return starts.stream()
                .filter(start -> start[0] <= at)
                .mapToInt(start -> start[1])
                .max()
                .orElse(0);
    }

    /** How long a step was seen that was read from these captions; empty: it was not, or there are none. */
    public Optional<Shown> of(String instruction, int said) {
        Set<String> done = telling(instruction);
        List<Spell> own = spells.stream()
                .filter(spell -> !CUT.matcher(spell.sentence).find())
                .filter(spell -> tells(spell, done))
                .toList();
        if (own.isEmpty()) {
            return Optional.empty();
        }
        Spell first = own.get(0);
        Spell last = own.get(own.size() - 1);
        int behind = spells.indexOf(last) + 1;
        while (behind < spells.size() && isTalk(spells.get(behind))) {
            behind++;
        }
        boolean announced = behind < spells.size()
                && CUT.matcher(spells.get(behind).sentence).find();
        int to = behind < spells.size() ? spells.get(behind).from : spells.get(spells.size() - 1).to;
        int seconds = to - first.from;
        return Optional.of(new Shown(first.from, seconds, announced || seconds < said / 2));
    }

    /** What is told while something goes on. */
    private static boolean isTalk(Spell spell) {
        return !CUT.matcher(spell.sentence).find()
                && TechniqueReader.read(spell.sentence).isEmpty()
                && TimeReader.find(spell.sentence).isEmpty();
    }

    private static boolean tells(Spell spell, Set<String> done) {
        Set<String> words = spell.words();
        long there = words.stream().filter(done::contains).count();
        return words.size() > 1 && there >= words.size() * MOST_WORDS;
    }

    private static Set<String> telling(String text) {
        return ItemFinder.words(text).stream()
                .map(word -> word.replaceFirst("ing$", ""))
                .filter(word -> word.length() >= TELLING)
                .map(word -> word.substring(0, TELLING))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
