package hopsel.core.recipe;

import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What waits for what within one part. A text tells one thing after the other; a cook chops the onion while the beans
 * soak. What is only got ready begins a branch of its own, and the step that names it again waits for it; whatever is
 * not told apart stays in the order of the text.
 */
final class Branches {

    /** By which something is got ready, and nothing else happens. */
    private static final Set<Technique> GETS_READY = EnumSet.of(
            Technique.SOAK,
            Technique.THAW,
            Technique.PRESS,
            Technique.MARINATE,
            Technique.CUT,
            Technique.GRATE,
            Technique.MASH,
            Technique.GRIND,
            Technique.MIX,
            Technique.WHISK,
            Technique.DRESS,
            Technique.GEL,
            Technique.INFUSE);

    private static final Pattern ALSO_READY =
            Pattern.compile("\\b(?:rinse|wash|crumble|tear|pit|stone|deseed|shell|pat)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code into strips}: what a knife makes. */
    private static final String CUTS = "strips|matchsticks|slices|cubes|dice|rounds|wedges|pieces|chunks|batons|florets"
            + "|ribbons|rings|quarters|halves|half|bits|coins|discs|slivers|shreds|lengths|fingers|half-moons";

    private static final String INTO_THE_PAN =
            "add|adding|(?:beat|stir|whisk|mix|rub|blend|work|drop|throw|put) in|in,|in at the end|fold|pour"
                    + "|tip|return|back"
                    + "|into(?! (?:\\w+ )?(?:" + CUTS + ")\\b)|over|onto|on top|top"
                    + "|serve|scatter|sprinkle|season|combine|assemble|layer|everything|all|both|together|mixture"
                    + "|the (?:\\w+ )?(?:pan|pot|wok)";

    /** It happens to what is in hand, whatever else goes in. */
    private static final Pattern IN_HAND = Pattern.compile(
            "\\b(?:rest(?! of\\b)|" + INTO_THE_PAN
                    + "|in the (?:same|sauce|mixture|soup|broth|dish|tin|bowl))\\b|^\\W*\\w+(?: \\w+)? with\\b"
                    + "|\\bthe (?:flesh|insides|pulp|centres?)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code Marinate in the soy sauce}: what, is not said. */
    private static final Pattern NO_OBJECT = Pattern.compile(
            "^\\W*(?:\\w+ly )?([\\w-]+) (?:in|for|until|under|between|at)\\b", Pattern.CASE_INSENSITIVE);
    /** {@code it}, which may be what was just named. */
    private static final Pattern IT =
            Pattern.compile("\\b(?:it|its|them|this|that|these|those|mix)\\b", Pattern.CASE_INSENSITIVE);
    /** Whatever there is goes in. */
    private static final Pattern ALL_THERE_IS =
            Pattern.compile("\\b(?:everything|all together|assemble)\\b", Pattern.CASE_INSENSITIVE);
    /** Boiled and drained in one go: in a pot of its own. */
    private static final Pattern BOILED_AND_DRAINED =
            Pattern.compile("\\b(?:boil|cook|blanch)\\b.*\\bdrain\\b", Pattern.CASE_INSENSITIVE);
    /** It goes to what is in the pan. */
    private static final Pattern GOES_IN = Pattern.compile("\\b(?:" + INTO_THE_PAN + ")\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern WITH = Pattern.compile("\\bwith\\b", Pattern.CASE_INSENSITIVE);
    /** {@code in a dry pan}: not in the one that is in use. */
    private static final Pattern OWN_VESSEL = Pattern.compile(
            "\\bin (?:a|an|another|the other) (?:[\\w-]+ ){0,3}(?:pan|pot|saucepan|wok|bowl)\\b|\\bseparate(?:ly)?\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern IN_WATER = Pattern.compile(
            "\\b(?:boiling|simmering|salted) (?:\\w+ )?water\\b|\\b(?:par)?boil(?!ing)|\\bblanch|\\bsoak",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DRAINS =
            Pattern.compile("^\\W*(?:then |now )?(?:drain|strain) (?:it|them|those|that)\\b", Pattern.CASE_INSENSITIVE);
    /** {@code Let that melt}: what was begun meanwhile goes on, and nothing else is in it. */
    private static final Pattern GOES_ON = Pattern.compile(
            "^\\W*(?:let|leave|cook|simmer|stir|keep|melt|bring|heat|reduce|warm)\\b[^.;,]{0,15}\\b(?:it|that"
                    + "|this|them)"
                    + "\\b(?! (?:in|into|to the|with|over)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** What a step makes, by the name that a later one gives it. */
    private static final Set<String> MADE = Set.of(
            "batter",
            "dough",
            "dressing",
            "sauce",
            "paste",
            "marinade",
            "cream",
            "filling",
            "salsa",
            "glaze",
            "topping",
            "slaw",
            "syrup",
            "slurry",
            "crumb",
            "custard",
            "stuffing",
            "relish",
            "puree",
            "base",
            "crust");

    /** Letters in which the object of a verb is named. */
    private static final int OBJECT = 25;

    private final Map<String, Set<String>> wordsOfLines;
    /** By word, the place of the last step that says it. */
    private final Map<String, Integer> lastSaid = new HashMap<>();
    /** The place of the last step into which everything goes. */
    private int lastOfAll = -1;
    /** The place of the step that is looked at. */
    private int now;

    private final List<Branch> open = new ArrayList<>();

    /**
     * What is under way.
     *
     * @param words it is known by
     * @param tail its last step
     * @param ready whether it lies ready until it is named
     * @param stands whether its last step goes on by itself
     * @param dough whether it is a dough, into which nothing goes that is boiled or fried
     * @param meanwhile whether it was begun while something else went on
     * @param wet whether it is in water that is poured off
     */
    private record Branch(
            Set<String> words,
            String tail,
            boolean ready,
            boolean stands,
            boolean dough,
            boolean meanwhile,
            boolean wet) {}

    /** Whether a word says what is made of several things: a dough, a sauce. */
    static boolean isMade(String word) {
        return MADE.contains(word);
    }

    private Branches(Map<String, Set<String>> wordsOfLines, List<StepInPart> steps) {
        this.wordsOfLines = wordsOfLines;
        for (int i = 0; i < steps.size(); i++) {
            String text = steps.get(i).read().text();
            int place = i;
            ItemFinder.words(text).forEach(word -> lastSaid.put(word, place));
            if (ALL_THERE_IS.matcher(text).find()) {
                lastOfAll = i;
            }
        }
    }

    /**
     * The steps of a part with what each waits for.
     *
     * @param steps as the text goes
     * @param wordsOfLines by id of a line, the words by which a step names it
     * @param apart ids of steps that wait as they do, and for which only the oven waits
     * @param meanwhile ids of steps that are said to go on beside others
     */
    static List<StepInPart> of(
            List<StepInPart> steps, Map<String, Set<String>> wordsOfLines, Set<String> apart, Set<String> meanwhile) {
        Branches branches = new Branches(wordsOfLines, steps);
        List<StepInPart> all = new ArrayList<>();
        Optional<StepInPart> before = Optional.empty();
        for (int i = 0; i < steps.size(); i++) {
            StepInPart step = steps.get(i);
            branches.now = i;
            if (apart.contains(step.id())) {
                all.add(step);
                continue;
            }
            if (meanwhile.contains(step.id()) && before.isPresent()) {
                branches.begin(step);
                all.add(step);
                before = Optional.of(step);
                continue;
            }
            all.add(branches.tied(step, before));
            before = Optional.of(step);
        }
        return all;
    }

    private StepInPart tied(StepInPart step, Optional<StepInPart> before) {
        boolean follows = before.isEmpty() || step.after().contains(before.get().id());
        List<Branch> waits = follows ? waitsFor(step) : List.of();
        Set<String> after = new LinkedHashSet<>();
        waits.forEach(branch -> after.add(branch.tail));
        step.after().stream()
                .filter(other -> !follows
                        || before.isEmpty()
                        || !other.equals(before.get().id()))
                .forEach(after::add);
        Set<String> words = new HashSet<>(own(step));
        waits.forEach(branch -> words.addAll(branch.words));
        boolean ready =
                waits.stream().allMatch(Branch::ready) && (getsReady(step) || waits.isEmpty() && !open.isEmpty());
        open.removeAll(waits);
        boolean dough = waits.stream().anyMatch(Branch::dough) || isDough(step);
        boolean meanwhile = !waits.isEmpty() && waits.stream().allMatch(Branch::meanwhile);
        boolean stands = step.read().work() == Work.REST;
        open.add(new Branch(words, step.id(), ready, stands, dough, meanwhile, isWet(step)));
        return new StepInPart(step.id(), step.read(), step.uses(), List.copyOf(after), step.say());
    }

    private void begin(StepInPart step) {
        open.add(new Branch(own(step), step.id(), true, false, isDough(step), true, false));
    }

    private static boolean isWet(StepInPart step) {
        return IN_WATER.matcher(step.read().text()).find();
    }

    private List<Branch> waitsFor(StepInPart step) {
        String text = step.read().text();
        List<String> said = ItemFinder.words(text);
        List<Branch> named = open.stream()
                .filter(branch -> branch.words.stream().anyMatch(said::contains))
                .toList();
        Optional<Branch> last = open.isEmpty() ? Optional.empty() : Optional.of(open.get(open.size() - 1));
        if (named.isEmpty()
                && last.filter(Branch::meanwhile).isPresent()
                && GOES_ON.matcher(text).find()) {
            return List.of(last.get());
        }
        List<Branch> wet = open.stream().filter(Branch::wet).toList();
        if (named.isEmpty()
                && wet.size() == 1
                && open.size() > 1
                && DRAINS.matcher(text).find()) {
            return wet;
        }
        boolean begins = named.isEmpty()
                && !step.uses().isEmpty()
                && !IN_HAND.matcher(text).find()
                && !speaksOfBefore(step);
        if (begins && (getsReady(step) || isBeside(step))) {
            return List.of();
        }
        boolean goesIn = GOES_IN.matcher(text).find();
        boolean with = WITH.matcher(text).find();
        if (!named.isEmpty() && !goesIn && !with) {
            return named;
        }
        if (!named.isEmpty() && !goesIn) {
            return open.stream()
                    .filter(branch -> named.contains(branch) || !isNamedLater(branch.words))
                    .toList();
        }
        // Whatever is fried for the filling is not fried with the dough.
        boolean filling = begins && !step.read().needs().isEmpty();
        return open.stream()
                .filter(branch -> !filling || !branch.dough)
                .filter(branch -> named.contains(branch)
                        || !branch.ready
                        || !isNamedLater(branch.words)
                        || named.isEmpty() && branch.equals(open.get(open.size() - 1)))
                .toList();
    }

    /** Whether something else is cooked while what came before stands, or in a pan of its own, and is named again. */
    private boolean isBeside(StepInPart step) {
        Optional<Branch> last = open.isEmpty() ? Optional.empty() : Optional.of(open.get(open.size() - 1));
        if (last.filter(Branch::dough).isPresent() && !step.read().needs().isEmpty()) {
            return true;
        }
        boolean stands = last.filter(Branch::stands).isPresent();
        if (!own(step).isEmpty()
                && BOILED_AND_DRAINED.matcher(step.read().text()).find()) {
            return true;
        }
        boolean apart = OWN_VESSEL.matcher(step.read().text()).find();
        // Where both are named again, neither is thrown onto the other.
        boolean both = Techniques.begins(step.read().text().toLowerCase(Locale.ROOT))
                && open.stream().allMatch(branch -> isNamedLater(branch.words));
        return (stands || apart || both) && isNamedLater(own(step));
    }

    private static boolean isDough(StepInPart step) {
        return TechniqueReader.read(step.read().text()).contains(Technique.KNEAD);
    }

    private boolean isNamedLater(Set<String> words) {
        return lastOfAll > now || words.stream().anyMatch(word -> lastSaid.getOrDefault(word, -1) > now);
    }

    /** Whether "it" is what was made before: nothing that goes in is named ahead of it. */
    private boolean speaksOfBefore(StepInPart step) {
        Matcher verb = NO_OBJECT.matcher(step.read().text());
        if (verb.find() && Techniques.begins(verb.group(1).toLowerCase(Locale.ROOT) + " ")) {
            return true;
        }
        Matcher it = IT.matcher(step.read().text());
        if (!it.find()) {
            return false;
        }
        String text = step.read().text();
        int upTo = it.group().equalsIgnoreCase("mix") ? Math.min(text.length(), it.end() + OBJECT) : it.start();
        List<String> ahead = ItemFinder.words(text.substring(0, upTo));
        return step.uses().stream()
                .flatMap(use -> wordsOfLines.getOrDefault(use.ingredient(), Set.of()).stream())
                .noneMatch(ahead::contains);
    }

    /** The words of what goes in at a step, and of what it makes. */
    private Set<String> own(StepInPart step) {
        Set<String> words = new HashSet<>();
        step.uses().forEach(use -> words.addAll(wordsOfLines.getOrDefault(use.ingredient(), Set.of())));
        ItemFinder.words(step.read().text()).stream().filter(MADE::contains).forEach(words::add);
        return words;
    }

    /** Whether something from the list is got ready, and nothing that was begun before goes on. */
    private static boolean getsReady(StepInPart step) {
        ReadStep read = step.read();
        boolean cold = read.needs().isEmpty() && read.work() != Work.WATCH;
        Set<Technique> techniques = TechniqueReader.read(read.text());
        boolean only =
                techniques.isEmpty() ? ALSO_READY.matcher(read.text()).find() : GETS_READY.containsAll(techniques);
        return cold && only && !step.uses().isEmpty();
    }
}
