package hopsel.core.recipe;

import hopsel.core.recipe.ReadRecipe.Line;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A component of a recipe while its text is read: what belongs to it, and what is done. */
final class PartUnderWay {

    final String title;
    final List<Line> lines = new ArrayList<>();
    final List<StepInPart> steps = new ArrayList<>();

    /** The last word of each line, by its id: asked for again and again. */
    private final Map<String, String> heads = new HashMap<>();

    private final Pattern allOfIt;
    private final Pattern made;

    PartUnderWay(String title) {
        this.title = title;
        String whole = title.toLowerCase(Locale.ROOT);
        allOfIt = allOf(whole.replaceFirst("^.*\\s", ""));
        made = Pattern.compile(
                "\\b(?:make|prepare|for|mix|whisk|blend|blitz|pound|grind|whizz|stir|shake) (?:together |up )?"
                        + "(?:the |all |a )?" + Pattern.quote(whole) + "\\b");
    }

    /** The last word of what a line names. */
    static String head(Line line) {
        List<String> name = ItemFinder.words(line.read().name());
        return name.isEmpty() ? "" : name.get(name.size() - 1);
    }

    /** The word it goes by: the last of its name. */
    String word() {
        List<String> words = ItemFinder.words(title);
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    Set<String> ids() {
        return lines.stream().map(Line::id).collect(Collectors.toSet());
    }

    boolean has(String line) {
        return lines.stream().anyMatch(own -> own.id().equals(line));
    }

    /** {@code make the sauce}, {@code all the sauce ingredients}. */
    boolean isNamedIn(String low) {
        return isMadeIn(low, false) || allOfIt.matcher(low).find();
    }

    /** {@code all the sauce ingredients}, {@code everything for the sauce}. */
    private static Pattern allOf(String word) {
        String name = Pattern.quote(word);
        return Pattern.compile("\\b" + name + " ingredients\\b"
                + "|\\b(?:everything|all)(?: that goes)? (?:for|in|into|of) (?:the )?" + name + "\\b"
                + "|(?:\\bmix all (?:the )?|^for (?:the )?)" + name + "\\b");
    }

    /** Whether one of its things is among the words, by the last word of its name. */
    boolean holds(List<String> words) {
        return lines.stream().anyMatch(line -> words.contains(heads.computeIfAbsent(line.id(), any -> head(line))));
    }

    /**
     * {@code make the dough}, {@code whisk dressing}: the part itself, before anything was done with it.
     *
     * @param mostlyLeft whether most of what belongs to it has gone in nowhere yet
     */
    boolean isMadeIn(String low, boolean mostlyLeft) {
        return (steps.isEmpty() || mostlyLeft) && made.matcher(low).find();
    }

    void branch(Map<String, Set<String>> words, Set<String> apart, Set<String> meanwhile) {
        List<StepInPart> tied = Branches.of(List.copyOf(steps), words, apart, meanwhile);
        steps.clear();
        steps.addAll(tied);
    }

    boolean isEmpty() {
        return lines.isEmpty() && steps.isEmpty();
    }

    Optional<StepInPart> step(String id) {
        return steps.stream().filter(own -> own.id().equals(id)).findFirst();
    }

    Optional<String> lastStep(Set<String> but) {
        return IntStream.range(0, steps.size())
                .mapToObj(i -> steps.get(steps.size() - 1 - i).id())
                .filter(step -> !but.contains(step))
                .findFirst();
    }

    Part part() {
        return new Part(title, List.copyOf(lines), List.copyOf(steps));
    }
}
