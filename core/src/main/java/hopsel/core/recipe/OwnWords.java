package hopsel.core.recipe;

import hopsel.core.recipe.ReadRecipe.Line;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** A text in another language beside its English gloss, sentence by sentence, and the way back. */
final class OwnWords {

    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!?;])\\s+(?=\\p{Lu})");
    private static final Pattern CLAUSE = Pattern.compile("(?<=[.,;])(?!\\d)\\s*|\\s+(?=(?:and|then)\\b)");
    private static final Pattern JOIN = Pattern.compile("^(?:and|then)\\s+");
    /** What is done, as the gloss has it, at the end of a clause. */
    private static final Pattern VERB_LAST = Pattern.compile(
            "^(.*\\S)\\s+(preheat|heat|soak|cut|slice|dice|chop|peel|grate|wash|drain|sweat|fry|toast|deglaze|"
                    + "boil|simmer|"
                    + "blanch|steam|bake|grill|blend|mix|whisk|knead|roll out|let rise|let rest|marinate|chill|"
                    + "cool|add|season|"
                    + "serve|fill)([.,;!]?)$");

    /** Where a clause ends, in English and in the languages that are read. */
    private static final Pattern OWN_JOINT =
            Pattern.compile(",\\s+(?:und |and |et |y |e )?|\\s+(?:und|and|et|y|e|dann|puis|luego|poi)\\s+");

    /** Letters in which a title says for how many it is. */
    private static final int YIELD_BEHIND = 14;

    private static final Pattern BAKED_IN_PAN =
            Pattern.compile("\\bbake\\b(?=[^.;]*\\bpan\\b)(?![^.;]*\\boven\\b)", Pattern.CASE_INSENSITIVE);

    private static final Pattern LEADS_UP = Pattern.compile("^for (?:the )?");
    private static final Pattern OWN_LEAD = Pattern.compile(
            "^(?:Für (?:das|die|den)|Pour (?:la|les?)|Para (?:el|la|los|las)|Per (?:il|lo|la|gli|le|i)) "
                    + "|^(?:Pour|Per) l['’]",
            Pattern.CASE_INSENSITIVE);

    private final Tongue tongue;
    /** Original by gloss, both of a sentence or a line. */
    private final Map<String, String> byGloss = new LinkedHashMap<>();

    OwnWords(Tongue tongue) {
        this.tongue = tongue;
    }

    /** The text in English, as far as its words are known. */
    String gloss(String text) {
        return String.join("\n", text.lines().map(this::line).toList());
    }

    private String line(String line) {
        List<String> glossed = new ArrayList<>();
        for (String sentence : SENTENCE.split(line)) {
            String gloss = capital(inThePan(verbsFirst(tongue.gloss(sentence))));
            byGloss.put(plain(gloss), sentence.strip());
            glossed.add(gloss);
        }
        return String.join(" ", glossed);
    }

    /** German puts what is done at the end of a clause, where no recipe reader looks for it. */
    private String verbsFirst(String gloss) {
        if (tongue != Tongue.GERMAN) {
            return gloss;
        }
        List<String> clauses = new ArrayList<>();
        for (String clause : CLAUSE.split(gloss)) {
            String join = JOIN.matcher(clause).find() ? clause.substring(0, clause.indexOf(' ') + 1) : "";
            String rest = clause.substring(join.length());
            clauses.add(join + VERB_LAST.matcher(rest).replaceFirst("$2 $1$3"));
        }
        return String.join(" ", clauses);
    }

    /** {@code in der Pfanne backen}: in a pan, and in no oven. */
    private String inThePan(String gloss) {
        boolean pan = tongue == Tongue.GERMAN && BAKED_IN_PAN.matcher(gloss).find();
        return pan ? gloss.replaceFirst("(?i)\\bbake\\b", "Fry") : gloss;
    }

    private static String capital(String text) {
        int first = 0;
        while (first < text.length() && !Character.isLetter(text.charAt(first))) {
            first++;
        }
        boolean starts =
                first < text.length() && text.substring(0, first).chars().noneMatch(Character::isDigit);
        return starts
                ? text.substring(0, first)
                        + text.substring(first, first + 1).toUpperCase(Locale.ROOT)
                        + text.substring(first + 1)
                : text;
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]+", " ").strip();
    }

    /** The recipe that was read of the gloss, in its own words. */
    ReadRecipe back(ReadRecipe read) {
        return new ReadRecipe(
                original(read.title()).replaceFirst("^#+\\s*", ""),
                read.servings(),
                read.pieces(),
                read.headline(),
                read.parts().stream().map(this::part).toList(),
                read.unread().stream().map(this::original).toList(),
                Set.of());
    }

    private Part part(Part part) {
        return new Part(
                heading(part.title()).replaceAll("^#+\\s*|[\\s:]+$", ""),
                part.lines().stream().map(this::line).toList(),
                steps(part.steps()));
    }

    /** A heading, without what leads up to it: Für das Curry. */
    private String heading(String gloss) {
        String plain = plain(gloss);
        return byGloss.entrySet().stream()
                .filter(pair -> LEADS_UP.matcher(pair.getKey()).replaceFirst("").equals(plain))
                .map(pair -> Lettering.capital(OWN_LEAD.matcher(pair.getValue()).replaceFirst("")))
                .findFirst()
                .or(() -> overList(plain))
                .orElseGet(() -> original(gloss));
    }

    /** {@code Pâte : 250 g de farine}: what stands before the colon of a list in one line. */
    private Optional<String> overList(String plain) {
        return byGloss.entrySet().stream()
                .filter(pair -> LEADS_UP.matcher(pair.getKey()).replaceFirst("").startsWith(plain + " "))
                .map(pair -> pair.getValue().split("\\s*:", 2))
                .filter(said -> said.length == 2 && said[0].split(" ").length <= plain.split(" ").length + 2)
                .map(said -> Lettering.capital(OWN_LEAD.matcher(said[0]).replaceFirst("")))
                .findFirst();
    }

    /** Each in its own words; of a sentence that became two steps each has its clauses. */
    private List<StepInPart> steps(List<StepInPart> steps) {
        List<StepInPart> all = new ArrayList<>();
        String rest = "";
        for (int i = 0; i < steps.size(); i++) {
            String gloss = steps.get(i).read().text();
            String text = rest.isEmpty() ? original(gloss) : rest;
            rest = "";
            String following =
                    i + 1 < steps.size() ? original(steps.get(i + 1).read().text()) : "";
            boolean shared = following.startsWith(text);
            Matcher joint = OWN_JOINT.matcher(text);
            int clauses = (int) OWN_JOINT.matcher(gloss).results().count() + 1;
            int cut = -1;
            int next = -1;
            for (int at = 0; shared && at < clauses && joint.find(); at++) {
                cut = joint.start();
                next = joint.end();
            }
            if (cut > 0) {
                rest = text.substring(next) + following.substring(text.length());
                text = text.substring(0, cut);
            }
            all.add(step(steps.get(i), text));
        }
        return all;
    }

    private Line line(Line line) {
        ReadLine read = line.read();
        String name = read.item().isPresent() && read.exact() ? read.name() : original(read.name());
        return new Line(
                line.id(),
                new ReadLine(
                        original(read.text()),
                        read.amount(),
                        read.item(),
                        read.exact(),
                        read.foods(),
                        name,
                        read.prep(),
                        read.optional(),
                        read.or(),
                        read.grams()));
    }

    private StepInPart step(StepInPart step, String text) {
        ReadStep read = step.read().inOtherWords(StepName.cut(text), text, tongue.until(text));
        return new StepInPart(step.id(), read, step.uses(), step.after(), step.say());
    }

    private String original(String gloss) {
        String plain = plain(gloss);
        String same = byGloss.get(plain);
        if (same != null) {
            return same;
        }
        Optional<String> whole = byGloss.entrySet().stream()
                .filter(pair -> pair.getKey().startsWith(plain + " ")
                        && pair.getKey().length() - plain.length() <= YIELD_BEHIND)
                .map(Map.Entry::getValue)
                .findFirst();
        if (whole.isPresent()) {
            return whole.get();
        }
        List<String> inIt = byGloss.entrySet().stream()
                .filter(pair -> says(plain, pair.getKey()) || endsIn(pair.getKey(), plain))
                .map(Map.Entry::getValue)
                .distinct()
                .toList();
        return inIt.isEmpty()
                ? byGloss.entrySet().stream()
                        .filter(pair -> says(pair.getKey(), plain))
                        .min(Comparator.comparingInt(pair -> pair.getKey().length()))
                        .map(Map.Entry::getValue)
                        .orElse(gloss)
                : String.join(" ", inIt);
    }

    /** Whether the end of a sentence is the beginning of this. */
    private static boolean endsIn(String sentence, String plain) {
        List<String> words = List.of(sentence.split(" "));
        return IntStream.range(1, words.size() - 1)
                .mapToObj(from -> String.join(" ", words.subList(from, words.size())))
                .anyMatch(tail -> plain.startsWith(tail + " "));
    }

    /** Whether the one says all of the other; a single word may begin another without meaning it. */
    private static boolean says(String one, String other) {
        return other.contains(" ") && one.contains(other);
    }
}
