package hopsel.core.recipe;

import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ReadRecipe.Line;
import hopsel.core.recipe.ReadRecipe.StepInPart;
import hopsel.core.recipe.RecipeSource.Passage;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a recipe: components, lines, steps, what each step uses and waits for. */
public final class RecipeReader {

    private static final Pattern INLINE = Pattern.compile(
            "(?<![\\p{L}\\d/.,°])(?:(?:about|approximately) )?" + Numbers.NUMBER
                    + "(?:\\s*-\\s*\\d+)?(?:\\s+(?:heaped|level|large|small|medium|ripe))?\\s*[\\p{L}]+[^.;,()]{2,60}",
            Pattern.CASE_INSENSITIVE);

    /** {@code oil 1 tsp mustard 1/2 tsp}: which amount is whose, nobody can tell by the figure before a name. */
    private static final Pattern NAMES_FIRST = Pattern.compile(
            "(\\p{L}{3,}) \\d[\\d/.]* ?(?:tsp|tbsp|tbs|gms?|g|ml|"
                    + "cups?) (?!of\\b)\\p{L}[\\p{L} ]{1,20} \\d[\\d/.]* ?(?:tsp|tbsp|tbs|gms?|g|ml|cups?)\\b",
            Pattern.CASE_INSENSITIVE);

    /** What may stand behind a food: another noun would make it another food, as in soy yoghurt. */
    static final Pattern BEHIND_FOOD = Pattern.compile(
            "(?:in|into|on|onto|over|and|to|with|for|from|until|till|then|or|plus|at|by|per|each|if|while|"
                    + "before|after|so|about|"
                    + "of|is|are|as|all|an?|the|it|them|that|hot|cold|warm|more|extra|first|again|\\+|&|-|w/|/|"
                    + "you|i|we|which|you['’]\\p{L}+|i['’]\\p{L}+|"
                    + "\\p{L}+ly|\\p{L}+ed|\\p{L}+ing)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PLANT =
            Pattern.compile("\\b(?:plant|vegan|dairy-free|non-dairy|block|spread|marg)", Pattern.CASE_INSENSITIVE);

    /** {@code a tea towel} is nothing to drink. */
    private static final Pattern NO_TEA =
            Pattern.compile("\\btea[- ](?=(?:towel|cloth|light|strainer)s?\\b)", Pattern.CASE_INSENSITIVE);

    /** {@code 2 T. shortening}: the stop belongs to the unit. */
    private static final Pattern SHORT_UNIT = Pattern.compile("(?<=\\d ?)(T|t|c|tsp|tbsp|lb|oz|pt|qt)\\.(?= )");

    private static final Pattern BY_EYE = Pattern.compile(
            "\\b(?:a (?:good |big |little |tiny |nice |small )?(?:glug|splash|drizzle|pinch|knob|dash|squeeze|"
                    + "bit|handful|spoon) of |some )(?:the |your |some |fresh |"
                    + "chopped )*[\\p{L}-]+(?: (?!and\\b|in\\b|on\\b|over\\b|into\\b|to\\b)[\\p{L}-]+){0,2}",
            Pattern.CASE_INSENSITIVE);

    /** {@code half the oil}: of what is there. */
    private static final Pattern SHARE = Pattern.compile(
            "^(?:about )?(?:half|a (?:third|quarter|half)|one (?:third|half|quarter)|two thirds|"
                    + "\\d/\\d) (?:of )?(?:the|that|this|it)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern MEANWHILE = Pattern.compile(
            "^\\W*(?:meanwhile|in the meantime|at the same time|while (?:that|this|they|it|the|those|these|"
                    + "you wait)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WHILE = Pattern.compile("^\\W*while [^,]+,", Pattern.CASE_INSENSITIVE);
    /** {@code Pour in the stock}: into what is on the stove. */
    private static final Pattern INTO_IT = Pattern.compile(
            "^(?:then |now )?(?:pour in|add|stir in|tip in|whisk in|throw in)\\b", Pattern.CASE_INSENSITIVE);

    /** What is done to a dough, without a word about which. */
    private static final Pattern SHAPED = Pattern.compile(
            "^(?:\\d{1,3} balls|(?:the )?dough (?:in|into|to)|divide|roll (?:out|it|into|to)|knock back|punch "
                    + "down|shape|cut (?:out|into)|stamp out|knead"
                    + "|tip out)\\b",
            Pattern.CASE_INSENSITIVE);
    /** What the first step of a part does to all of it. */
    private static final Pattern TOGETHER = Pattern.compile(
            "^(?:mix|blitz|blend|combine|whisk|whizz|rub(?=,| in\\b)|stir together|chop all|toss|shake|pound"
                    + "|everything)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code Toast 5 min in a dry pan}, {@code med, 12 min}: no word of what, so it is all there is. */
    private static final Pattern COOKED_FIRST = Pattern.compile(
            "^(?:on )?(?:low|med|medium|high)(?: heat)?,? \\d"
                    + "|^knead(?: \\d|,|$)|^(?:toast|roast|fry|soak|simmer|boil|sweat|steam|cook|warm"
                    + "|marinate)(?: gently| slowly| hard)?"
                    + "(?: for| about)? ?(?:~?\\d|,|$|till?\\b|until\\b|in (?:a|the) (?:dry|hot|small|large)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code Rub the fat in}: into all that is dry. */
    private static final Pattern RUBBED =
            Pattern.compile("^rub (?:in )?(?:the |your )?(?:fat|butter|block|marg\\w*)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code In it goes, and I bring it together}: all that was named so far. */
    private static final Pattern BROUGHT_TOGETHER = Pattern.compile(
            "^(?:bring|blend|blitz|whizz|pound) (?:it|them|that|this|everything)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code Whisk the marinade. Coat the tempeh}: with what was made just now. */
    private static final Pattern COATED = Pattern.compile(
            "^(?:coat|marinate|brush|baste|glaze|toss|turn|dip|dress" + "|smear)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code For rice, heat the oil}. */
    private static final Pattern FOR_A_PART = Pattern.compile("^for (?:the )?\\p{L}+,", Pattern.CASE_INSENSITIVE);

    private static final Pattern SERVED_WITH = Pattern.compile(
            "^serve(?:d)?(?: \\p{L}+)? with (?:the |a little |some )?([\\p{L} ]{3,40}?)[.!]?$",
            Pattern.CASE_INSENSITIVE);
    /** {@code 1 tsp filling each}: onto what is in hand. */
    private static final Pattern SOME_OF = Pattern.compile(
            "^(?:put |place |add )?(?:[\\d½¼]+ |an? |one )?(?:tsp|tbsp|teaspoons?|tablespoons?|spoons?"
                    + "|spoonfuls?|half|some|"
                    + "a little)(?: of)?(?: the)? \\p{L}+",
            Pattern.CASE_INSENSITIVE);
    /** {@code coconut milk, one tin}. */
    private static final Pattern THEN_HOW_MANY = Pattern.compile(
            "(\\p{L}{3,}), (" + Numbers.NUMBER + ") ((?:tins?|cans?|packs?|cups?|tablespoons?|teaspoons?|grams?|g|ml|kg"
                    + "|cloves?|bunch(?:es)?))(?=[,.;]|$)",
            Pattern.CASE_INSENSITIVE);

    /** {@code Whisk that}, said of what was just named. */
    private static final Pattern WITH_ALL = Pattern.compile(
            "^(?:mix|blitz|blend|combine|whisk|whizz|stir|toss|shake|pound|bring|rub|beat) (?:that|this|it|them"
                    + "|everything|all)\\b"
                    + "|^(?:rinse|wash|soak|chop|dice|slice|cut|peel|grate|toast|roast) (?:those|these|them)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TARGET = Pattern.compile("^(?:-*>|→) ?(\\p{L}+)");
    /** {@code The dough wants 500 g flour and 3 tbsp oil}: what goes in, and nothing that is done. */
    private static final Pattern ONLY_LISTS = Pattern.compile(
            "^(?:(?:the|my|your|our|this) [\\p{L} ]{3,20}? (?:wants|needs|takes|has|is made (?:of|from|with))|"
                    + "you(?:'ll|’ll| will)? (?:want|need)) (?=.*\\d)",
            Pattern.CASE_INSENSITIVE);
    /** {@code blitz, leave out the walnuts for Mo}: the second half is said of somebody. */
    private static final Pattern FOR_SOMEBODY = Pattern.compile(",\\s*(?=leave out .{2,40} for \\p{Lu})");

    /** {@code rest of the lime on top}: what is left of a part goes onto what is in hand. */
    private static final Pattern LEFT_FOR_LAST =
            Pattern.compile("^(?:the )?(?:rest of|remaining)\\b|\\bon top\\W*$", Pattern.CASE_INSENSITIVE);

    private static final Set<Technique> MAKES =
            EnumSet.of(Technique.MIX, Technique.WHISK, Technique.BLEND, Technique.KNEAD);
    private static final Pattern ONLY_SAYS = Pattern.compile(
            "^(meanwhile,? )?(?:make|prepare|get on with|start) (?:the|your) ([\\p{L} ]{3,30})[.:]?$",
            Pattern.CASE_INSENSITIVE);
    /** {@code sago pearls}: what they are stands before what they look like. */
    private static final Set<String> SHAPES =
            Set.of("pearl", "seed", "flake", "puff", "sheet", "leaf", "clove", "kernel", "heart", "floret", "stick");

    /** {@code 1 batch of the dough}. */
    private static final Set<String> AS_A_WHOLE =
            Set.of("batch", "quantity", "recipe", "portion", "of", "the", "your", "our", "homemade", "home", "made");

    private static final Set<Technique> JOINS = EnumSet.of(
            Technique.ROLL, Technique.SHAPE, Technique.FILL, Technique.ASSEMBLE, Technique.SERVE, Technique.DRESS);
    /** What is served hours later is not waited for. */
    private static final Set<Technique> LASTS = EnumSet.of(Technique.CHILL, Technique.SET, Technique.FREEZE);

    private static final Set<Technique> DOUGH = EnumSet.of(Technique.KNEAD, Technique.PROOF);
    /** So many passages ago something was named just now. */
    private static final int JUST_NOW = 2;
    /** Words at the beginning of a step, among which stands what it is done to. */
    private static final int OBJECT = 5;

    /** By which things are weighed out, and not pieces of what is there. */
    private static final Set<Unit> WEIGHED = EnumSet.of(Unit.G, Unit.KG, Unit.OZ, Unit.LB);

    private static final int MOST_WORDS = 3;
    private static final int LONGEST_WORD = 20;
    /** Beyond this it is no name of an ingredient, whatever stands in the list. */
    private static final int LONGEST_NAME = 160;

    private final LineReader lines;
    /** Whether there is a list of ingredients beside the method. */
    private boolean listed;

    /** Whether it was told by somebody talking, who says some amounts only when they go in. */
    private boolean spoken;

    private final Map<String, PartUnderWay> parts = new LinkedHashMap<>();
    private final Set<String> ids = new HashSet<>();
    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<String> unread = new ArrayList<>();
    /** Steps that heat the oven. */
    private final Set<String> heatings = new HashSet<>();
    /** Steps that are done while the one before runs by itself. */
    private final Set<String> parallel = new HashSet<>();

    /** The words with which a line was measured in the method: it goes in there, and nowhere before. */
    private final Map<String, String> measuredIn = new HashMap<>();

    /** Sentences that only say what goes in: it goes in at the step that is told next. */
    private final List<String> brought = new ArrayList<>();

    private List<HeardAmounts.Heard> heard = List.of();
    private final Map<String, String> preheats = new HashMap<>();
    private String title = "";

    private RecipeReader(LineReader lines) {
        this.lines = lines;
    }

    /** Reads the text of a recipe. */
    public static ReadRecipe read(String whole, Catalogue catalogue, Measures measures) {
        String text = LongLines.broken(Captions.cued(whole));
        LineReader lines = new LineReader(catalogue, measures);
        Optional<RecipeSource> said = Narration.of(text, lines);
        if (said.isPresent()) {
            ReadRecipe told = spoken(said.get(), lines);
            RecipeSource heard = SecondOpinion.added(said.get(), told, lines);
            return StepObjects.named(heard == said.get() ? told : spoken(heard, lines));
        }
        return Tongue.of(text)
                .map(tongue -> {
                    OwnWords words = new OwnWords(tongue);
                    String gloss = words.gloss(text);
                    return words.back(new RecipeReader(lines).recipe(TextSplitter.split(gloss, lines)));
                })
                .orElseGet(() -> StepObjects.named(written(TextSplitter.split(text, lines), text, lines)));
    }

    /** Where no list stands, what is measured in the method is all there is. */
    private static ReadRecipe written(RecipeSource source, String text, LineReader lines) {
        ReadRecipe made = new RecipeReader(lines).recipe(source);
        if (!source.ingredients().isEmpty()) {
            return made;
        }
        RecipeSource hearing = source.hearing(HeardAmounts.in(Numbers.plain(text), lines));
        RecipeSource heard = SecondOpinion.added(hearing, made, lines);
        return heard == hearing ? made : new RecipeReader(lines).recipe(heard);
    }

    private static ReadRecipe spoken(RecipeSource said, LineReader lines) {
        RecipeReader reader = new RecipeReader(lines);
        reader.spoken = true;
        return reader.recipe(said);
    }

    /** Reads a recipe that is cut into its parts already. */
    public static ReadRecipe read(RecipeSource source, Catalogue catalogue, Measures measures) {
        return StepObjects.named(new RecipeReader(new LineReader(catalogue, measures)).recipe(source));
    }

    private ReadRecipe recipe(RecipeSource source) {
        title = source.title().orElse("A dish without a name");
        heard = source.telling().heard();
        unread.addAll(source.other());
        source.ingredients()
                .forEach(
                        passage -> ingredient(passage, source.telling().before().getOrDefault(passage.text(), 0)));
        listed = source.ingredients().size() > source.telling().heard().size()
                || spoken && !source.ingredients().isEmpty();
        for (Passage passage : source.method()) {
            inlineIngredients(passage);
            passages++;
        }
        passages = 0;
        madeHere();
        Mentions mentions = new Mentions();
        parts.forEach((heading, part) -> {
            part.lines.forEach(mentions::know);
            mentions.product(heading, part.lines.stream().map(Line::id).toList());
        });
        source.method().forEach(passage -> mentions.stillToCome(passage.text()));
        if (listed) {
            measuredIn.forEach(mentions::only);
        }
        linesFor(mentions, source);
        StepReader steps = new StepReader();
        for (Passage passage : source.method()) {
            passages++;
            mentions.passed(passage.text());
            method(passage, steps, mentions);
            Optional.ofNullable(source.telling().said().get(passages - 1)).ifPresent(this::saidMeanwhile);
        }
        unread.addAll(brought);
        List.copyOf(parts.values()).forEach(this::useUp);
        Set<String> apart = new HashSet<>(preheats.keySet());
        apart.addAll(heatings);
        ownFirst();
        Map<String, Set<String>> words = wordsOfLines();
        parts.values().forEach(part -> part.branch(words, apart, parallel));
        tieTogether();
        moveLinesHome();
        Servings yield = Servings.of(source, title);
        return new ReadRecipe(
                title,
                yield.people(),
                yield.pieces(),
                source.headline().flatMap(TimeReader::first),
                parts.values().stream()
                        .filter(part -> !part.isEmpty())
                        .map(PartUnderWay::part)
                        .toList(),
                unread,
                unread.stream().filter(this::isTold).collect(Collectors.toSet()));
    }

    private boolean isTold(String passage) {
        return spoken
                && SaidOfTheList.of(
                        passage,
                        heard,
                        parts.values().stream()
                                .flatMap(part -> part.lines.stream())
                                .map(Line::read)
                                .toList(),
                        lines);
    }

    /** {@code 60 ml water -> syrup}: it goes in where the method speaks of that. */
    private void linesFor(Mentions mentions, RecipeSource source) {
        parts.values().stream().flatMap(part -> part.lines.stream()).forEach(line -> {
            Matcher target = TARGET.matcher(line.read().prep().orElse(""));
            boolean spokenOf = target.find()
                    && source.method().stream().anyMatch(passage -> ItemFinder.words(passage.text())
                            .contains(target.group(1)));
            if (spokenOf) {
                mentions.only(line.id(), target.group(1));
            }
        });
    }

    private void ingredient(Passage passage, int before) {
        List<String> parted = lines.parted(passage.text());
        if (parted.size() > 1) {
            parted.forEach(one -> ingredient(new Passage(passage.heading(), one), before));
            return;
        }
        ReadLine read = lines.read(passage.text());
        if (read.name().isEmpty() && read.item().isEmpty()
                || !read.foods().isEmpty()
                || read.name().length() > LONGEST_NAME) {
            unread.add(passage.text());
            return;
        }
        Line line = new Line(id(read.item().map(item -> item.id()).orElse(read.name())), read);
        part(passage.heading()).lines.add(line);
        // What is told of while something is done can go in with it.
        told.put(line.id(), before);
    }

    /** Whether a line speaks of a part, and of nothing else: {@code 1 batch of the dough}. */
    public static boolean names(ReadLine line, String part) {
        List<String> name = ItemFinder.words(line.name()).stream()
                .filter(word -> !AS_A_WHOLE.contains(word))
                .toList();
        return !name.isEmpty() && ItemFinder.words(part).equals(name);
    }

    /**
     * {@code 120 g cashew cream, from above}: what another part of the recipe makes is not bought. How much of it goes
     * in is left for somebody to look at.
     */
    private void madeHere() {
        for (PartUnderWay part : parts.values()) {
            for (Line line : List.copyOf(part.lines)) {
                boolean made = parts.values().stream()
                        .anyMatch(other -> other != part && !other.lines.isEmpty() && names(line.read(), other.title));
                if (made) {
                    part.lines.remove(line);
                    unread.add(line.read().text());
                }
            }
        }
    }

    /** Amounts that stand in the sentences: all of them where there is no list, else what the list does not name. */
    private void inlineIngredients(Passage passage) {
        nameFirst(passage);
        byEye(passage);
        String text = NO_TEA.matcher(Numbers.plain(passage.text())).replaceAll("");
        Matcher names = NAMES_FIRST.matcher(text);
        if (names.find() && !Techniques.begins(names.group(1).toLowerCase(Locale.ROOT))) {
            return;
        }
        Matcher matcher = INLINE.matcher(SHORT_UNIT.matcher(text).replaceAll("$1"));
        int from = 0;
        while (matcher.find(from)) {
            from = matcher.start() + 1;
            String[] words = matcher.group().split(" - ")[0].split("\\s+");
            if (words.length < 2 || !TimeReader.find(words[0] + " " + words[1]).isEmpty()) {
                continue;
            }
            boolean found = false;
            for (int length = Math.min(spoken ? said(words) : words.length, 9); length > 1; length--) {
                String candidate = String.join(" ", List.of(words).subList(0, length));
                ReadLine read = lines.inSentence(candidate);
                if (read.item().isPresent()
                        && read.exact()
                        && read.amount().isPresent()
                        && (length == words.length
                                || BEHIND_FOOD.matcher(words[length]).matches()
                                || spoken && lines.exactly(words[length]).isPresent()
                                || startsAmounts(words[length], text, matcher.start()))
                        && !SHARE.matcher(candidate).find()
                        && !isListed(read, passage.heading())
                        && !beginsLine(candidate)
                        && !isTakenBack(read)
                        && read.name().split(" ").length <= 4
                        && !read.name().matches(".*\\d.*")
                        && TimeReader.find(candidate).isEmpty()) {
                    from = matcher.start() + candidate.length();
                    measured(passage, read);
                    found = true;
                    break;
                }
            }
            if (!found && !listed) {
                weighedGuess(words).ifPresent(read -> measured(passage, read));
            }
        }
    }

    /** How many words belong together: another amount, or what is said of it, begins something else. */
    private static int said(String[] words) {
        for (int i = 2; i < words.length - 1; i++) {
            boolean next = words[i].equalsIgnoreCase("and")
                    && words[i + 1].matches("(?i)\\d.*|" + Numbers.NUMBER)
                    && i + 2 < words.length;
            if (next || words[i].matches("(?i)it's|that's|which|you|I")) {
                return i;
            }
        }
        return words.length;
    }

    /** {@code a tablespoon of water, actually make that two}. */
    private boolean isTakenBack(ReadLine read) {
        return heard.stream()
                .anyMatch(said -> read.item().filter(said.item()::equals).isPresent()
                        && said.instead()
                                .flatMap(before -> read.amount().filter(now -> HeardAmounts.isEqual(before, now)))
                                .isPresent());
    }

    /** {@code five cloves}, where a line has five cloves of garlic. */
    private boolean beginsLine(String candidate) {
        String begin = candidate.toLowerCase(Locale.ROOT) + " ";
        return spoken
                && parts.values().stream()
                        .flatMap(part -> part.lines.stream())
                        .anyMatch(line ->
                                line.read().text().toLowerCase(Locale.ROOT).startsWith(begin));
    }

    /** {@code 500 g of roasted squash}: where there is no list, what is weighed goes in, whatever it may be. */
    private Optional<ReadLine> weighedGuess(String[] words) {
        int length = 2;
        while (length < words.length
                && (words[length].equals("of")
                        || !BEHIND_FOOD.matcher(words[length]).matches()
                        || words[length].matches("\\p{L}+ed"))) {
            length++;
        }
        String candidate = String.join(" ", List.of(words).subList(0, Math.min(length, words.length)));
        ReadLine read = lines.inSentence(candidate);
        boolean weighed =
                read.amount().filter(amount -> WEIGHED.contains(amount.unit())).isPresent();
        int named = read.name().split(" ").length;
        return weighed
                        && !read.name().isBlank()
                        && named <= MOST_WORDS
                        && !read.name()
                                .matches(".*\\d.*|.*\\p{L}ed|(?i:of|for|that|that's|which|it|it's|each|more"
                                        + "|another|extra|balls?|pieces?"
                                        + "|portions?|rounds?|discs?|lumps?|rolls?|patties|breads"
                                        + "|loaves|at)\\b.*")
                        && !SHARE.matcher(candidate).find()
                        && !Techniques.begins(read.name().toLowerCase(Locale.ROOT))
                        && !isPartSaid(read)
                        && TimeReader.find(candidate).isEmpty()
                        && parts.values().stream()
                                .flatMap(part -> part.lines.stream())
                                .noneMatch(line -> line.read().name().equalsIgnoreCase(read.name())
                                        || line.read().item().isPresent()
                                                && line.read().item().equals(read.item()))
                ? Optional.of(read)
                : Optional.empty();
    }

    /** {@code 30 g of the dough}: of what is made here. */
    private boolean isPartSaid(ReadLine read) {
        List<String> said = ItemFinder.words(read.name());
        String last = said.isEmpty() ? "" : said.get(said.size() - 1);
        return Branches.isMade(last)
                || HeadingWords.isPart(last)
                || parts.values().stream().anyMatch(part -> part.word().equals(last));
    }

    /** {@code 2 tbsp tamarind 1 tbsp palm sugar}: the figure is of the next, unless a food stands before the first. */
    private boolean startsAmounts(String behind, String text, int at) {
        List<String> before = ItemFinder.words(text.substring(Math.max(0, at - LONGEST_WORD), at));
        return Character.isDigit(behind.charAt(0))
                && (before.isEmpty()
                        || lines.inSentence(before.get(before.size() - 1))
                                .item()
                                .isEmpty());
    }

    /** {@code a good glug of oil}, said by somebody who pours it. */
    private void byEye(Passage passage) {
        Matcher matcher = BY_EYE.matcher(passage.text());
        while (spoken && matcher.find()) {
            ReadLine read = lines.inSentence(matcher.group());
            boolean known = parts.values().stream()
                    .flatMap(part -> part.lines.stream())
                    .anyMatch(line -> line.read().item().equals(read.item()));
            if (read.item().isPresent() && read.exact() && !known) {
                part(passage.heading()).lines.add(new Line(id(read.item().get().id()), read));
            }
        }
    }

    /** {@code tofu puffs 150 g, halved; pak choi 2 heads}: the thing first, then how much. */
    private void nameFirst(Passage passage) {
        String text = THEN_HOW_MANY
                .matcher(Numbers.plain(passage.text()))
                .replaceAll(found -> found.group(1) + " "
                        + Numbers.value(found.group(2))
                                .map(BigDecimal::toPlainString)
                                .orElse(found.group(2))
                        + " " + found.group(3));
        for (String clause : text.split("[.;:,]\\s+")) {
            String turned = LineTidy.tidy(clause);
            if (turned.equals(clause)) {
                continue;
            }
            ReadLine read = lines.inSentence(turned);
            boolean food = read.item().isPresent() && read.exact();
            if (food && read.amount().isPresent() && read.foods().isEmpty() && !isKnown(read)) {
                part(passage.heading()).lines.add(new Line(id(read.item().get().id()), read));
            }
        }
    }

    private boolean isKnown(ReadLine read) {
        return parts.values().stream()
                .flatMap(part -> part.lines.stream())
                .anyMatch(line -> line.read().item().equals(read.item()));
    }

    /** Somebody who talks names a thing first, and says how much of it when it goes in: it is one line. */
    private void measured(Passage passage, ReadLine read) {
        for (PartUnderWay part : spoken ? parts.values() : List.<PartUnderWay>of()) {
            for (Line line : List.copyOf(part.lines)) {
                if (read.item().isPresent()
                        && line.read().amount().isEmpty()
                        && line.read().item().equals(read.item())) {
                    part.lines.set(part.lines.indexOf(line), new Line(line.id(), read));
                    return;
                }
            }
        }
        Line line = new Line(id(read.item().map(Item::id).orElse(read.name())), read);
        part(passage.heading()).lines.add(line);
        measuredIn.put(line.id(), read.text());
    }

    /**
     * What was named at the counter, or in the list, is not named again in the pan; what is only counted beside a list
     * ("8 wedges") may be a piece of what stands there.
     */
    private boolean isListed(ReadLine read, Optional<String> heading) {
        boolean counted = read.amount().orElseThrow().unit() == Unit.PIECE && isPieceOfListed(read);
        boolean named = parts.values().stream()
                .flatMap(part -> part.lines.stream())
                .filter(line -> line.read().amount().isPresent())
                .anyMatch(line -> line.read().item().equals(read.item()));
        return spoken ? named && !isMoreOf(read, heading) : listed && (named || counted || isCalledSo(read));
    }

    /** {@code 80 grams of sugar} in the filling, after 50 grams over the plums: so much more of it. */
    private boolean isMoreOf(ReadLine read, Optional<String> heading) {
        Amount amount = read.amount().orElseThrow();
        return amount.unit() != Unit.PIECE
                && amount.unit() != Unit.CAN
                && parts.entrySet().stream()
                        .filter(part -> part.getKey().equals(heading.orElse("")))
                        .flatMap(part -> part.getValue().lines.stream())
                        .filter(line -> line.read().item().equals(read.item()))
                        .flatMap(line -> line.read().amount().stream())
                        .noneMatch(other -> other.low().compareTo(amount.low()) == 0 && other.unit() == amount.unit()
                                || other.unit() == Unit.PIECE);
    }

    /** {@code 8 wedges}, {@code 2 tortillas}: called like something that stands in the list. */
    private boolean isPieceOfListed(ReadLine read) {
        List<String> said = ItemFinder.words(read.name());
        String last = said.isEmpty() ? "" : said.get(said.size() - 1);
        return parts.values().stream()
                .flatMap(part -> part.lines.stream())
                .anyMatch(line -> ItemFinder.words(line.read().name()).contains(last)
                        || line.read().item().stream()
                                .anyMatch(item -> ItemFinder.words(item.name()).contains(last)));
    }

    /** {@code Beat in 30 g butter}, where the list says plant butter: never the animal's. */
    private boolean isCalledSo(ReadLine read) {
        List<String> said = ItemFinder.words(read.name());
        boolean animal =
                read.item().filter(item -> item.origin() == Origin.ANIMAL).isPresent();
        boolean oil = said.equals(List.of("oil"));
        // Peanut butter in the list is no butter.
        boolean butter = said.contains("butter");
        return oil
                        && parts.values().stream()
                                .flatMap(part -> part.lines.stream())
                                .anyMatch(line ->
                                        ItemFinder.words(line.read().name()).contains("oil"))
                || animal
                        && parts.values().stream()
                                .flatMap(part -> part.lines.stream())
                                .filter(line -> !butter
                                        || PLANT.matcher(line.read().name()).find())
                                .anyMatch(line -> ItemFinder.words(line.read().name())
                                                .containsAll(said)
                                        || line.read().item().stream()
                                                .flatMap(item -> item.practice().names().stream())
                                                .anyMatch(name ->
                                                        ItemFinder.words(name).containsAll(said))
                                        || said.contains("cheese")
                                                && Mentions.OF_CHEESE
                                                        .matcher(line.read().name())
                                                        .find());
    }

    private void method(Passage passage, StepReader reader, Mentions mentions) {
        List<String> kept = new ArrayList<>();
        List<String> sentences = StepReader.sentences(passage.text()).stream()
                .flatMap(FOR_SOMEBODY::splitAsStream)
                .toList();
        for (String sentence : sentences) {
            if (!listed
                    && ONLY_LISTS.matcher(sentence).find()
                    && !TimeReader.first(sentence).isPresent()) {
                brought.add(sentence);
                continue;
            }
            if (StepReader.isStorage(sentence) || StepReader.isAlternative(sentence)) {
                unread.add(sentence);
            } else {
                kept.add(sentence);
            }
        }
        if (kept.isEmpty()) {
            return;
        }
        if (!passage.heading().equals(headingBefore)) {
            reader.elsewhere();
        }
        headingBefore = passage.heading();
        if (passage.heading().isEmpty() && underHeading) {
            last = part(Optional.empty());
        }
        underHeading = passage.heading().isPresent();
        for (ReadStep step : reader.steps(String.join("\n", withoutTitles(kept)))) {
            add(step, passage.heading(), mentions);
        }
    }

    /** {@code Meanwhile, make the dough. Mix …}: the first of both only says what comes. */
    private List<String> withoutTitles(List<String> sentences) {
        List<String> all = new ArrayList<>();
        String before = "";
        for (int i = 0; i < sentences.size(); i++) {
            Matcher title = ONLY_SAYS.matcher(sentences.get(i));
            if (i + 1 < sentences.size() && title.matches() && isMade(title.group(2), sentences.get(i + 1))) {
                before = title.group(1) == null ? "" : "Meanwhile, ";
            } else {
                all.add(before + sentences.get(i));
                before = "";
            }
        }
        return all;
    }

    private boolean isMade(String name, String next) {
        List<String> words = ItemFinder.words(name);
        String word = words.isEmpty() ? "" : words.get(words.size() - 1);
        return parts.values().stream().anyMatch(part -> part.word().equals(word))
                || Branches.isMade(word) && TechniqueReader.read(next).stream().anyMatch(MAKES::contains);
    }

    private void saidMeanwhile(String words) {
        if (order.isEmpty()) {
            unread.add(words);
            return;
        }
        String now = order.get(order.size() - 1);
        parts.values()
                .forEach(part -> part.steps.replaceAll(own -> own.id().equals(now)
                        ? new StepInPart(own.id(), own.read(), own.uses(), own.after(), Optional.of(words))
                        : own));
    }

    private void add(ReadStep step, Optional<String> heading, Mentions mentions) {
        PartUnderWay headed = heading.map(name -> part(Optional.of(name))).orElse(null);
        Set<String> own = new LinkedHashSet<>();
        PartUnderWay named =
                headed != null ? headed : named(step.text(), mentions).orElseGet(this::current);
        named.lines.forEach(line -> own.add(line.id()));
        if (FOR_A_PART.matcher(step.text()).find()) {
            toldOf = named;
            toldIn = passages;
        }
        boolean making = named.isMadeIn(step.text().toLowerCase(Locale.ROOT), mentions.isMostlyLeft(Set.copyOf(own)));
        if (headed == null && !making) {
            // Which oil it is, where there are two, is known once it is known what is being made.
            PartUnderWay home = elsewhere(step, mentions.looked(step.text(), own), named);
            own.clear();
            home.lines.forEach(line -> own.add(line.id()));
        }
        own.removeIf(line -> told.getOrDefault(line, 0) >= passages);
        if (headed == null && isServedWithLater(step.text())) {
            // What is still to be made is named, and nothing of it goes in yet.
            last = named;
            String served = id(step.title());
            named.steps.add(new StepInPart(served, step, List.of(), after(step, served, named), Optional.empty()));
            order.add(served);
            return;
        }
        List<Use> uses = new ArrayList<>();
        brought.forEach(sentence -> uses.addAll(mentions.in(sentence, own)));
        brought.clear();
        uses.addAll(mentions.in(step.text(), own));
        boolean made = named.isMadeIn(step.text().toLowerCase(Locale.ROOT), mentions.isMostlyLeft(own))
                && uses.stream().noneMatch(use -> own.contains(use.ingredient()));
        Set<String> here = new LinkedHashSet<>(own);
        here.removeIf(line -> told.getOrDefault(line, 0) >= passages);
        // Fat is rubbed into all that is dry of a dough, whatever else the sentence names.
        made |= named.steps.isEmpty()
                && headed != null
                && RUBBED.matcher(step.text()).find();
        made |= named.steps.isEmpty()
                && headed != null
                && COOKED_FIRST.matcher(step.text()).find()
                && uses.stream().allMatch(use -> isEverywhere(use.ingredient()));
        boolean first = named.steps.isEmpty() && uses.stream().noneMatch(use -> own.contains(use.ingredient()));
        if (made || first && TOGETHER.matcher(step.text()).find()) {
            uses.addAll(mentions.rest(here));
        } else if (spoken
                && headed != null
                && named.steps.isEmpty()
                && WITH_ALL.matcher(step.text()).find()) {
            uses.addAll(mentions.rest(here));
        } else if (spoken
                && uses.stream().allMatch(use -> isEverywhere(use.ingredient()))
                && WITH_ALL.matcher(step.text()).find()) {
            Set<String> justNow = new LinkedHashSet<>(here);
            justNow.removeIf(line -> told.getOrDefault(line, 0) < Math.max(1, passages - JUST_NOW));
            boolean all = justNow.isEmpty()
                    && (here.size() == 1
                            || BROUGHT_TOGETHER.matcher(step.text()).find() && order.isEmpty());
            uses.addAll(mentions.rest(all ? here : justNow));
        }
        boolean stays =
                headed != null || made || LEFT_FOR_LAST.matcher(step.text()).find();
        PartUnderWay part = stays ? named : elsewhere(step, uses, named);
        String id = id(step.title());
        part.steps.add(new StepInPart(id, step, uses, after(step, id, part), Optional.empty()));
        mentions.begun(part.title);
        order.add(id);
        last = part;
    }

    /** {@code Serve with coconut custard}, which is told of further on. */
    private boolean isServedWithLater(String text) {
        Matcher served = SERVED_WITH.matcher(text);
        return served.find()
                && parts.values().stream()
                        .filter(part -> part.steps.isEmpty() && !part.lines.isEmpty())
                        .anyMatch(part ->
                                part.title.equalsIgnoreCase(served.group(1).strip()));
    }

    /** For lines that somebody spoke of, how many passages of the method were told before. */
    private final Map<String, Integer> told = new HashMap<>();
    /** Passages of the method that were read. */
    private int passages;

    private @Nullable PartUnderWay last;
    /** The part that a passage says it is for, and which passage that was. */
    private @Nullable PartUnderWay toldOf;

    private int toldIn = -1;
    /** All steps, as the text goes. */
    private final List<String> order = new ArrayList<>();

    private boolean underHeading;
    private Optional<String> headingBefore = Optional.empty();

    private PartUnderWay current() {
        if (last != null) {
            return last;
        }
        if (parts.isEmpty()) {
            return part(Optional.empty());
        }
        return parts.values().iterator().next();
    }

    /** The component that a text names as what is being made. */
    private Optional<PartUnderWay> named(String text, Mentions mentions) {
        String low = text.toLowerCase(Locale.ROOT);
        return parts.values().stream()
                .filter(part -> part.isNamedIn(low) || part.isMadeIn(low, mentions.isMostlyLeft(part.ids())))
                .min(Comparator.comparingInt(part -> part.title.length()));
    }

    private PartUnderWay elsewhere(ReadStep step, List<Use> uses, PartUnderWay named) {
        if (!uses.isEmpty()) {
            return home(uses, named);
        }
        return dough(step.text())
                .or(() -> worked(step.text()))
                .or(() -> holding(step.text(), named))
                .orElse(named);
    }

    /** {@code Divide into six, roll out}: the only part that is kneaded or proves. */
    private Optional<PartUnderWay> dough(String text) {
        if (!SHAPED.matcher(text).find()) {
            return Optional.empty();
        }
        List<PartUnderWay> doughs = parts.values().stream()
                .filter(part -> part.steps.stream()
                        .flatMap(step -> TechniqueReader.read(step.read().text()).stream())
                        .anyMatch(DOUGH::contains))
                .toList();
        return doughs.size() == 1 ? Optional.of(doughs.get(0)) : Optional.empty();
    }

    /** {@code Griddle the tempeh}: the one part in which the tempeh went in before. */
    private Optional<PartUnderWay> holding(String text, PartUnderWay current) {
        List<String> words = ItemFinder.words(text);
        List<String> object = words.subList(0, Math.min(words.size(), OBJECT));
        if (current.holds(object) || TechniqueReader.read(text).contains(Technique.SERVE)) {
            return Optional.empty();
        }
        List<PartUnderWay> said = parts.values().stream()
                .filter(part -> !part.steps.isEmpty() && part.holds(object))
                .toList();
        return said.size() == 1 ? Optional.of(said.get(0)) : Optional.empty();
    }

    /** {@code Blind bake the crust}: what goes on with the one thing that it names, whatever was in hand before. */
    private Optional<PartUnderWay> worked(String text) {
        List<String> words = ItemFinder.words(SOME_OF.matcher(text).replaceFirst(""));
        List<PartUnderWay> said = parts.values().stream()
                .filter(part -> !part.steps.isEmpty())
                .filter(part -> words.subList(0, Math.min(words.size(), OBJECT)).contains(part.word()))
                .filter(part -> !text.matches("(?is)^serve\\b.*"))
                .toList();
        return said.size() == 1 && said.get(0).word().length() > 2 ? Optional.of(said.get(0)) : Optional.empty();
    }

    /** The component most of whose lines go in; where that is undecided, the one before. */
    private PartUnderWay home(List<Use> all, PartUnderWay otherwise) {
        // Oil and salt are in every part, and tell none.
        List<Use> telling =
                all.stream().filter(use -> !isEverywhere(use.ingredient())).toList();
        List<Use> uses = telling.isEmpty() ? all : telling;
        if (telling.isEmpty() && otherwise == toldOf && toldIn == passages) {
            return otherwise;
        }
        PartUnderWay best = otherwise;
        long most = uses.stream().filter(use -> otherwise.has(use.ingredient())).count();
        for (PartUnderWay part : parts.values()) {
            long here = uses.stream().filter(use -> part.has(use.ingredient())).count();
            if (here > most) {
                best = part;
                most = here;
            }
        }
        return best;
    }

    private boolean isEverywhere(String line) {
        return parts.values().stream()
                .flatMap(part -> part.lines.stream())
                .filter(own -> own.id().equals(line))
                .anyMatch(RecipeReader::isEverywhere);
    }

    private static boolean isEverywhere(Line line) {
        return line.read().item().filter(item -> item.has(Trait.LASTING)).isPresent();
    }

    /** The step before in the component, what is named of other components, and for the oven the heating of it. */
    private List<String> after(ReadStep step, String id, PartUnderWay part) {
        Set<String> after = new LinkedHashSet<>();
        if (StepReader.HEATING_UP.matcher(step.text()).find()) {
            preheats.put(id, id);
            heatings.add(id);
            return List.of();
        }
        if (MEANWHILE.matcher(step.text()).find()) {
            parallel.add(id);
            part.lastStep(preheats.keySet())
                    .flatMap(part::step)
                    .filter(before -> before.read().work() != Work.HANDS)
                    .ifPresentOrElse(before -> after.addAll(before.after()), () -> part.lastStep(preheats.keySet())
                            .ifPresent(after::add));
        } else {
            part.lastStep(preheats.keySet()).ifPresent(after::add);
        }
        if (part.steps.isEmpty()
                && !order.isEmpty()
                && INTO_IT.matcher(step.text()).find()) {
            after.add(order.get(order.size() - 1));
        }
        if (!order.isEmpty() && COATED.matcher(step.text()).find()) {
            String before = order.get(order.size() - 1);
            parts.values().stream()
                    .filter(other -> other != part && Branches.isMade(other.word()))
                    .filter(other -> other.step(before).isPresent())
                    .forEach(other -> after.add(before));
        }
        // What goes on meanwhile is not waited for.
        String low = WHILE.matcher(step.text()).replaceFirst("").toLowerCase(Locale.ROOT);
        for (PartUnderWay other : parts.values()) {
            String word = other.word();
            if (other != part
                    && word.length() > 2
                    && !(other.title.equals(title) && word.equals(part.word()))
                    && ItemFinder.words(low).contains(word)) {
                other.lastStep(preheats.keySet()).ifPresent(after::add);
            }
        }
        if (step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN))) {
            after.addAll(preheats.keySet());
            preheats.clear();
        }
        return List.copyOf(after);
    }

    /**
     * A part without steps of its own, such as a marinade, goes in where its name, or what is done with it, is said.
     */
    private void useUp(PartUnderWay part) {
        if (part.lines.isEmpty()) {
            return;
        }
        if (!part.steps.isEmpty()) {
            goesInFirst(part);
            return;
        }
        Stream<StepInPart> steps = parts.values().stream().flatMap(other -> other.steps.stream());
        Set<String> used =
                steps.flatMap(step -> step.uses().stream()).map(Use::ingredient).collect(Collectors.toSet());
        List<Use> rest = part.lines.stream()
                .filter(line -> !used.contains(line.id()))
                .map(line -> new Use(line.id(), BigDecimal.ONE))
                .toList();
        for (PartUnderWay other : parts.values()) {
            for (int i = 0; i < other.steps.size() && !rest.isEmpty(); i++) {
                StepInPart step = other.steps.get(i);
                if (speaksOf(step, part)) {
                    List<Use> uses = new ArrayList<>(step.uses());
                    uses.addAll(rest);
                    other.steps.set(i, new StepInPart(step.id(), step.read(), uses, step.after(), step.say()));
                    return;
                }
            }
        }
    }

    /** {@code Warm that very gently}: where nothing of a part is named in its own steps, all of it goes in first. */
    private void goesInFirst(PartUnderWay part) {
        Set<String> used = parts.values().stream()
                .flatMap(other -> other.steps.stream())
                .flatMap(step -> step.uses().stream())
                .map(Use::ingredient)
                .collect(Collectors.toSet());
        if (part.lines.stream().noneMatch(line -> used.contains(line.id()))) {
            StepInPart first = part.steps.get(0);
            List<Use> all = Stream.concat(
                            first.uses().stream(), part.lines.stream().map(line -> new Use(line.id(), BigDecimal.ONE)))
                    .toList();
            part.steps.set(0, new StepInPart(first.id(), first.read(), all, first.after(), first.say()));
        }
    }

    private static boolean speaksOf(StepInPart step, PartUnderWay part) {
        List<String> title = ItemFinder.words(part.title).stream()
                .filter(word -> Character.isLetter(word.charAt(0)))
                .toList();
        String head = title.isEmpty() ? "" : title.get(title.size() - 1);
        Set<Technique> techniques = TechniqueReader.read(step.read().text());
        return ItemFinder.words(step.read().text()).contains(head)
                || TechniqueReader.read(part.title).stream().anyMatch(techniques::contains);
    }

    /** What nothing waits for yet is awaited by the next step of the component in which the text ends. */
    private void tieTogether() {
        if (last == null || last.steps.isEmpty()) {
            return;
        }
        Set<String> followed = new HashSet<>();
        parts.values().forEach(part -> part.steps.forEach(step -> followed.addAll(step.after())));
        String end = last.steps.get(last.steps.size() - 1).id();
        List<String> loose = order.stream()
                .filter(step -> !step.equals(end) && !followed.contains(step))
                .toList();
        for (String step : loose) {
            Optional<String> meets = meeting(step);
            if (meets.isEmpty() && standsAlone(step)) {
                continue;
            }
            String next = meets.orElse(end);
            parts.values()
                    .forEach(part -> part.steps.replaceAll(own -> own.id().equals(next)
                            ? new StepInPart(own.id(), own.read(), own.uses(), with(own.after(), step), own.say())
                            : own));
        }
    }

    /**
     * The step at which something that was made apart is needed: the first behind it, in another part, that puts things
     * together; otherwise, and where it was made in the part in which the text ends, the next one there.
     */
    private Optional<String> meeting(String step) {
        PartUnderWay ending = Objects.requireNonNull(last);
        int at = order.indexOf(step);
        boolean sameWay = isIn(ending, step) || preheats.containsKey(step);
        Stream<StepInPart> elsewhere = parts.values().stream()
                .filter(part -> !sameWay && !isIn(part, step))
                .flatMap(part -> part.steps.stream());
        Optional<String> joins = elsewhere
                .filter(own -> order.indexOf(own.id()) > at && RecipeReader.joins(own))
                .map(StepInPart::id)
                .min(Comparator.comparingInt(order::indexOf));
        return joins.or(() -> ending.steps.stream()
                .filter(own -> !standsAlone(step))
                .filter(own -> order.indexOf(own.id()) > at && !preheats.containsKey(own.id()))
                .filter(own -> !parallel.contains(own.id()) || own.after().contains(step))
                .map(StepInPart::id)
                .findFirst());
    }

    /** What stands in the fridge, and its part is not the one in which the text ends: it is served beside it. */
    private boolean standsAlone(String step) {
        PartUnderWay ending = Objects.requireNonNull(last);
        return parts.values().stream()
                .filter(part -> part != ending && !part.lines.isEmpty() && !ending.lines.isEmpty())
                .flatMap(part -> part.steps.stream())
                .filter(own -> own.id().equals(step))
                .anyMatch(own -> own.read().work() == Work.REST
                        && TechniqueReader.read(own.read().text()).stream().anyMatch(LASTS::contains));
    }

    private static boolean isIn(PartUnderWay part, String step) {
        return part.steps.stream().anyMatch(own -> own.id().equals(step));
    }

    private static boolean joins(StepInPart step) {
        return TechniqueReader.read(step.read().text()).stream().anyMatch(JOINS::contains);
    }

    private static List<String> with(List<String> steps, String more) {
        List<String> all = new ArrayList<>(steps);
        all.add(more);
        return List.copyOf(all);
    }

    /**
     * Salt, oil and water of a part that went in elsewhere, because they were named there first, go where their own
     * part names them.
     */
    private void ownFirst() {
        for (PartUnderWay part : parts.values()) {
            for (Line line : part.lines) {
                boolean goesInHere = part.steps.stream().anyMatch(step -> uses(step, line));
                if (isEverywhere(line) && !goesInHere) {
                    String head = PartUnderWay.head(line);
                    part.steps.stream()
                            .filter(step -> ItemFinder.words(step.read().text()).contains(head))
                            .findFirst()
                            .ifPresent(step -> moveUse(line, step));
                }
            }
        }
    }

    private static boolean uses(StepInPart step, Line line) {
        return step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id()));
    }

    private void moveUse(Line line, StepInPart to) {
        for (PartUnderWay part : parts.values()) {
            part.steps.replaceAll(step -> {
                List<Use> uses = new ArrayList<>(step.uses());
                uses.removeIf(use -> use.ingredient().equals(line.id()));
                if (step.id().equals(to.id())) {
                    uses.add(new Use(line.id(), BigDecimal.ONE));
                }
                return new StepInPart(step.id(), step.read(), uses, step.after(), step.say());
            });
        }
    }

    /** The words by which a method names each line: the last of its name, and of the item's. */
    private Map<String, Set<String>> wordsOfLines() {
        Map<String, Set<String>> words = new HashMap<>();
        for (PartUnderWay part : parts.values()) {
            for (Line line : part.lines) {
                if (isEverywhere(line)) {
                    // Oil, salt and water are in everything.
                    continue;
                }
                Set<String> own = new HashSet<>();
                own.add(PartUnderWay.head(line));
                line.read().item().ifPresent(item -> {
                    List<String> name = ItemFinder.words(item.shortName());
                    own.add(name.get(name.size() - 1));
                });
                if (SHAPES.contains(PartUnderWay.head(line))) {
                    own.addAll(ItemFinder.words(line.read().name()));
                }
                own.removeIf(word -> word.length() < 3 || ItemFinder.isDescription(word));
                words.put(line.id(), own);
            }
        }
        return words;
    }

    /** Lines that stood in one list belong where they are used first, if that is a component with a name. */
    private void moveLinesHome() {
        PartUnderWay common = parts.get("");
        if (common == null) {
            return;
        }
        for (Line line : List.copyOf(common.lines)) {
            parts.values().stream()
                    .filter(part -> part.steps.stream().anyMatch(step -> step.uses().stream()
                            .anyMatch(use -> use.ingredient().equals(line.id()))))
                    .findFirst()
                    .filter(home -> home != common)
                    .ifPresent(home -> {
                        common.lines.remove(line);
                        home.lines.add(line);
                    });
        }
    }

    private PartUnderWay part(Optional<String> heading) {
        String name = heading.orElse("");
        Optional<PartUnderWay> alike = parts.entrySet().stream()
                .filter(entry -> alike(entry.getKey(), name))
                .map(Map.Entry::getValue)
                .findFirst();
        return alike.orElseGet(() -> parts.computeIfAbsent(
                name,
                key -> new PartUnderWay(
                        key.isEmpty() ? title : key.substring(0, 1).toUpperCase(Locale.ROOT) + key.substring(1))));
    }

    private static boolean alike(String one, String other) {
        return one.equalsIgnoreCase(other)
                || !one.isEmpty()
                        && !other.isEmpty()
                        && String.join(" ", ItemFinder.words(other)).endsWith(String.join(" ", ItemFinder.words(one)));
    }

    private String id(String name) {
        String stem = Slug.of(name);
        // A thousand steps that begin alike are numbered on, not counted anew.
        int number = numbers.merge(stem, 1, Integer::sum);
        String id = Slug.free(number == 1 ? stem : stem + "-" + number, ids::contains);
        ids.add(id);
        told.put(id, passages);
        return id;
    }
}
