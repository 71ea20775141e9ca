package hopsel.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Brings an ingredient line into the order in which lines are read: the amount first. Takes lists that name the thing
 * first ({@code flour - 250 g}, {@code garlic x 4}), columns ({@code flour | 250 g}), letters that a scanner read for
 * digits ({@code 25O ml}) and the numbers of American cans. No word is lost by it.
 */
final class LineTidy {

    /** A letter among digits, before a unit. */
    /** {@code a whole head of garlic}: one head, and no clove that is whole. */
    private static final Pattern WHOLE_UNIT = Pattern.compile(
            "^((?:about )?(?:an?|\\d+|one|two|three|four|half a)) whole (?=(?:heads?|bulbs?|bunch(?:es)?|tins?"
                    + "|cans?|packs?|packets?|blocks?"
                    + "|jars?|bags?|tubs?|cups?|sprigs?|stalks?|sticks?|cartons?|bottles?)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SCANNED = Pattern.compile(
            "(?<![\\p{L}\\d])([OoIl]{0,2}\\d[\\dOoIl]*|[Il]\\d[\\dOo]*|[1-9][OoIl]+)(?=\\s?(?:g|kg|ml|l|oz|lb|"
                    + "tsp|tbsp|cups?|"
                    + "grams?|min(?:utes)?|°)\\b|\\s?°)");
    /** American cans by number, in ounces; United States Department of Agriculture, common can sizes. */
    private static final Map<String, String> CANS =
            Map.of("300", "15", "303", "16", "1", "11", "2", "20", "2 1/2", "29", "2.5", "29", "3", "51", "10", "106");

    private static final Pattern CAN_NUMBER = Pattern.compile(
            "(?:#|\\bno\\.? ?)(2 1/2|2\\.5|300|303|10|[123])(?=\\)?[ -](?:cans?|tins?)\\b)", Pattern.CASE_INSENSITIVE);
    /** {@code 1" ginger}, {@code oil 4 deep frying}. */
    private static final Pattern INCH = Pattern.compile("(\\d)\\s?[\"″](?=\\s)");

    private static final Pattern FOR = Pattern.compile(
            "(?<=\\p{L} )4 (?=(?:deep|shallow)?[ -]?fry|frying|serving|dusting|greasing)", Pattern.CASE_INSENSITIVE);
    private static final Pattern STARTS_WITH_AMOUNT = Pattern.compile("^[\\s(~]*(?:\\d|[½⅓⅔¼¾⅛])");
    private static final String FIGURE = "(?:\\d+(?:\\s*-\\s*|\\s+)\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+)";

    /** A name, something between, an amount with its unit, and what is said behind. */
    private static final Pattern NAME_FIRST = Pattern.compile(
            "^(\\p{L}[^\\d|:]*?(?:\\([^)]*\\))?)\\s*(?:[-:|,=]|\\.{2,}|…|\\bx\\b|×|\\t)*\\s*(?<!\\p{L})(" + FIGURE
                    + "(?:\\s*(?:-|to)\\s*" + FIGURE + ")?)(?![\\d%/])\\s*(.*)$",
            Pattern.CASE_INSENSITIVE);
    /** {@code black salt, a pinch}, {@code cucumber | half}. */
    private static final Pattern IN_WORDS = Pattern.compile(
            "(\\p{L}[\\p{L} -]{1,40}?)(?:\\s*[,|:-]\\s*|\\s+(?=pinch|handful|splash|drizzle|dash))"
                    + "((?:an? |one |two |half an? |a few )?(?:half|pinch(?:es)?|"
                    + "handfuls?|bunch|sprigs?|splash|drizzle|dash|knob))",
            Pattern.CASE_INSENSITIVE);

    /** {@code 1 litre and a half of water}. */
    private static final Pattern AND_A_HALF = Pattern.compile(
            "^(\\d+|an?|one|two|three) (litres?|liters?|cups?|tablespoons?|tbsp|teaspoons?|tsp|kilos?|pounds?|pints?"
                    + "|tins?|cans?|thumbs?|handfuls?|bunch(?:es)?|blocks?|packs?|packets?|inch(?:es)?|heads?|sticks?)"
                    + " and a half\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code 1lb10oz flour}. */
    private static final Pattern POUNDS_AND_OUNCES =
            Pattern.compile("^(\\d+) ?lbs? ?(\\d+) ?oz\\b ?", Pattern.CASE_INSENSITIVE);
    /** {@code 1 (1-inch) piece ginger}, {@code 1 x 2 cm ginger}: how long the one piece is. */
    private static final Pattern PIECE_SO_LONG = Pattern.compile(
            "^(?:1 |one |an? )(?:\\(|x )(\\d+(?:[./]\\d+)?[ -]?(?:inch|cm))\\)? (?=(?:piece|knob|slice|\\p{L}))",
            Pattern.CASE_INSENSITIVE);
    /** {@code 2 x 2 cm ginger}: four centimetres of it. */
    private static final Pattern SHORT_PIECES =
            Pattern.compile("^([2-9]) ?[x×] ?([1-6]) ?cm (?=\\p{L})(?!.*\\bsticks?\\b)", Pattern.CASE_INSENSITIVE);
    /** {@code 1 green pepper + 1 red}: two. */
    private static final Pattern AND_ANOTHER = Pattern.compile(
            "^(\\d{1,2}) (red|yellow|green|orange|white|purple|brown) (\\p{L}+) (?:\\+|and|&) (\\d{1,2}) "
                    + "(red|yellow|green|orange|white|purple|brown)(?=$|,)",
            Pattern.CASE_INSENSITIVE);

    /**
     * {@code 2 packs of tempeh, that's 400 grams}: what all of them weigh. Tins are left alone: what is said of them is
     * said of one, and what is in them is not the dry thing.
     */
    private static final Pattern ALL_TOGETHER = Pattern.compile(
            "^(\\d+|an?|one|two|three|four) (packs?|packets?|blocks?|bags?)(?: of)? "
                    + "(\\p{L}[\\p{L} ]{2,30}?),? (?:that[’']?s|which is|so|=|about|around|roughly) (?:about "
                    + ")?(\\d+ ?(?:g|grams|kg|ml|l)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** What is written short, and means so only where it stands: looked for where its sign stands at all. */
    private record Spelt(String sign, Pattern pattern, String with) {

        static Spelt of(String sign, String pattern, String with) {
            return new Spelt(sign, Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), with);
        }

        String in(String text) {
            return text.toLowerCase(Locale.ROOT).contains(sign)
                    ? pattern.matcher(text).replaceAll(with)
                    : text;
        }
    }

    private static final List<Spelt> SPELT = List.of(
            Spelt.of("w/", "\\bw/ ?(?=\\p{L})", "with "),
            Spelt.of("/", "(?<=^\\d{1,2}) ?[&+] ?(?=\\d/\\d)", " "),
            Spelt.of(".", "^\\.(?=\\d)", "0."),
            Spelt.of(
                    "/",
                    "^(\\d+ ?(?:g|ml|kg|l|litres?))/\\d[\\d/. ]* ?(?:fl ?oz|oz|lbs?|pints?|pts?)(?: ?\\d+ ?oz)?\\b",
                    "$1"),
            Spelt.of("half", "^(?:1|one|an?) half (?=\\p{L})", "1/2 "),
            Spelt.of("half", "(?<=^\\d{1,2}) and (?:a )?half\\b", " 1/2"),
            Spelt.of("quarter", "(?<=^\\d{1,2}) and (?:a )?quarter\\b", " 1/4"),
            Spelt.of("garlic", "(?<=\\d )(?:flakes|pods)(?= (?:of )?garlic\\b)", "cloves"),
            Spelt.of("garlic", "^(garlic\\b\\W+\\d+ )(?:flakes|pods)\\b", "$1cloves"),
            Spelt.of("bu", "(?<=\\d ?)bu\\b", " bunch"),
            Spelt.of("pap", "\\bsm\\b\\.? (?=pap)", "smoked "),
            Spelt.of("no", "(?<=\\d) ?nos?\\b\\.?+(?! ?\\d)", ""),
            Spelt.of("pepper", "^((?:black )?pepper) ?[&+] ?((?:sea )?salt)$", "$2 and $1"),
            Spelt.of("p", "^s ?[+&] ?p\\b", "salt and pepper"),
            Spelt.of("s", "^(pinch(?:es)?|(?:[½¼\\d]+ ?)?t(?:sp)?\\.?) s$", "$1 salt"),
            Spelt.of("cm", "(?<=\\p{L}{3}) (?=\\d(?:\\.\\d)? ?cm (?:dice|cubes|chunks|slices|pieces|rounds)\\b)", ", "),
            Spelt.of("here", "(?<=\\p{L}{3},?) (?:right |over )?(?:here|there)$", ""),
            Spelt.of("p", "(?<=\\d) ?(?:pcs?|pieces)\\b\\.?$", ""));

    private static final Pattern GARLIC = Pattern.compile("\\bgarlic\\b", Pattern.CASE_INSENSITIVE);
    /** {@code peppers red/yellow 8}: of which colours is said beside it. */
    private static final Pattern COLOURS = Pattern.compile(
            "^(\\p{L}[\\p{L} ]*?),? ((?:red|yellow|green|orange|mixed|white|purple)(?: ?[/&+] ?(?:red|yellow|"
                    + "green|orange|white|purple))+) ?((?:x ?)?\\d+)$",
            Pattern.CASE_INSENSITIVE);

    /** {@code 2 yellow and 1 red pepper} are three. */
    private static final Pattern TWO_COLOURS = Pattern.compile(
            "^(\\d{1,3}) (red|yellow|green|orange|white|purple|black|brown) (?:and|&|\\+) (\\d{1,3}) (red|"
                    + "yellow|green|orange|white|purple|black|brown) (\\p{L}[\\p{L} ]*)",
            Pattern.CASE_INSENSITIVE);

    /** {@code ginger thumb, garlic 3}: the number is of the second alone. */
    private static final Pattern TWO_THINGS = Pattern.compile(
            "[^(]*,\\s*(?!red|green|yellow|white|brown|black|ripe|large|small|fresh|dried|plain|whole|"
                    + "raw)\\p{L}+(?<!ed|ly)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern MARKED =
            Pattern.compile("(?:[-:|=]|\\.{2,}|…|\\bx|×|\\t)\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern SIZE =
            Pattern.compile("^(?:small|medium|large|big|lg|sm|med)\\b\\.?", Pattern.CASE_INSENSITIVE);
    /** Two things that everybody writes in one breath. */
    private static final Pattern SALT_PEPPER = Pattern.compile(
            "^((?:fine |sea |kosher )*salt)\\s*(?:\\s|[&+/]|\\bn\\b|['’]n['’])\\s*((?:black |ground )*pepper)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code mint, coriander, basil - a handful each}. */
    private static final Pattern EACH_BEHIND = Pattern.compile(
            "^(\\p{L}[^\\d:]*?,[^\\d:]*?)\\s+[-–—]\\s+((?:an? |one |two |\\d+ )?\\p{L}+) each$",
            Pattern.CASE_INSENSITIVE);

    /** {@code mint/coriander 2 bunches ea}. */
    private static final Pattern EACH_OF_BOTH = Pattern.compile(
            "^(\\p{L}{2,})/(\\p{L}{2,})[ ,:-]+((?:\\d+|a|an|one|two) ?\\p{L}+) (?:ea|each)\\.?$",
            Pattern.CASE_INSENSITIVE);

    /** {@code coconut milk 2 x 400ml}. */
    private static final Pattern OFTEN = Pattern.compile(
            "^(\\p{L}[\\p{L} -]{1,40}?)[ ,:-]+(\\d{1,2}) ?[x×] ?(\\d+ ?(?:g|kg|ml|cl|l|oz))\\b"
                    + "((?: (?:blocks?|packs?|packets?|tins?|cans?|bags?)\\b)?)(.*)$",
            Pattern.CASE_INSENSITIVE);
    /** {@code pandan leaf x2}. */
    private static final Pattern X_FIGURE = Pattern.compile("^(\\p{L}[\\p{L} -]{1,40}?) [x×](\\d{1,2}\\b)");
    /** {@code sprouts blanched 30 sec}. */
    private static final Pattern DONE_FOR = Pattern.compile(
            "^(.*\\p{L}(?<!,)) (\\p{L}{3,}ed (?:for )?\\d+ ?(?:sec|seconds?|s|mins?|minutes?|m|h|hours?)\\b.*)$",
            Pattern.CASE_INSENSITIVE);

    /** {@code 900 g-1 kg}: a range over two units. */
    private static final Pattern UP_TO_KILOS =
            Pattern.compile("^(\\d{3}) ?(g|ml) ?(?:-|to) ?(\\d(?:\\.\\d+)?) ?(?:kg|l|litres?)\\b");

    private static final Pattern ALSO =
            Pattern.compile("^(?:also|plus|and|extra)[: ]\\s*(?=[\\d½⅓⅔¼¾⅛])", Pattern.CASE_INSENSITIVE);

    private static final Pattern END = Pattern.compile(
            "^(?:[,;(].*|- (?!\\d).*|julienned?|wedges?|batons?|ribbons?|(?:\\p{L}+ly |\\p{L}{3,}(?:ed|ly)|slit"
                    + "|cut|ground|torn|split|whole|raw|cooked|uncooked"
                    + "|dry|ones?|"
                    + "for garnish|few|and|&|[ ,])+|juice[ds]?|zest(?:ed)?|juice (?:and|&|\\+) zest|"
                    + "(?:\\p{L}+ly )?\\p{L}{3,}ed(?:(?: and| &|,) \\p{L}+ed)*(?:,.*)?)?$");
    private static final int LONGEST_NAME = 45;

    private LineTidy() {}

    /** {@code mint/coriander 2 bunches ea} is {@code 2 bunches each mint and coriander}. */
    static String eachOfBoth(String line) {
        return EACH_OF_BOTH.matcher(line).replaceFirst("$3 each $1 and $2");
    }

    /** The line in the usual order; as it stands where it is in that order, or nobody can tell. */
    static String tidy(String given) {
        String written = eachOfBoth(WHOLE_UNIT.matcher(given).replaceFirst("$1 "));
        String text = written.replaceAll("[\"“”″]00[\"“”″]", "00");
        String plain = ALSO.matcher(EACH_BEHIND.matcher(text).replaceFirst("$2 each $1"))
                .replaceFirst("");
        String both = SALT_PEPPER.matcher(plain).replaceFirst("$1 and $2");
        String spelt = FOR.matcher(INCH.matcher(both).replaceAll("$1 inch")).replaceAll("for ");
        String scanned = CAN_NUMBER
                .matcher(SCANNED.matcher(spaced(shorthand(spelt))).replaceAll(LineTidy::digits))
                .replaceAll(can -> CANS.get(can.group(1)) + " oz");
        if (STARTS_WITH_AMOUNT.matcher(scanned).find()) {
            return scanned;
        }
        Matcher words = IN_WORDS.matcher(scanned);
        return words.matches()
                ? words.group(2) + " " + words.group(1)
                : turned(scanned).orElse(scanned);
    }

    /** What chefs write on tape. */
    private static String shorthand(String written) {
        String text = AND_A_HALF.matcher(written).replaceFirst("$1 1/2 $2").replaceFirst("(?i)^an? (?=1/2)", "1 ");
        String cloves = GARLIC.matcher(text).find() ? text.replaceAll("(?i)(?<=\\d ?)cl\\b", " cloves") : text;
        String seasoned = ALL_TOGETHER.matcher(ShortWords.writtenOut(cloves)).replaceFirst("$4 $3, $1 $2");
        for (Spelt spelt : SPELT) {
            seasoned = spelt.in(seasoned);
        }
        Matcher another = AND_ANOTHER.matcher(seasoned);
        if (another.find()) {
            int all = Integer.parseInt(another.group(1)) + Integer.parseInt(another.group(4));
            return "%d %s %s, %s%s"
                    .formatted(
                            all,
                            another.group(2),
                            another.group(3),
                            another.group(),
                            seasoned.substring(another.end()));
        }
        Matcher both = TWO_COLOURS.matcher(seasoned);
        if (both.find()) {
            int all = Integer.parseInt(both.group(1)) + Integer.parseInt(both.group(3));
            return "%d %s %s, %s"
                    .formatted(
                            all,
                            both.group(2),
                            both.group(5),
                            seasoned.substring(both.start(), both.start(5)).strip());
        }
        Matcher colours = COLOURS.matcher(seasoned);
        return colours.find()
                ? "%s %s %s, %s"
                        .formatted(
                                colours.group(3),
                                colours.group(2).split("[ /&+]")[0],
                                colours.group(1),
                                colours.group(2))
                : seasoned;
    }

    /**
     * {@code coconut milk 2 x 400ml}; {@code 300 g sprouts blanched 30 sec}: how often, and what is done for how long.
     */
    private static String spaced(String given) {
        String close = UP_TO_KILOS.matcher(given).replaceFirst(found -> "%s-%s %s"
                .formatted(
                        found.group(1),
                        Numbers.value(found.group(3))
                                .map(kilos -> kilos.movePointRight(3)
                                        .stripTrailingZeros()
                                        .toPlainString())
                                .orElse(found.group(3)),
                        found.group(2)));
        String pounds = POUNDS_AND_OUNCES.matcher(close).replaceFirst("$1 lb $2 oz ");
        String text = SHORT_PIECES
                .matcher(PIECE_SO_LONG.matcher(pounds).replaceFirst("$1 "))
                .replaceFirst(found -> Integer.parseInt(found.group(1)) * Integer.parseInt(found.group(2)) + " cm ");

        String often = OFTEN.matcher(text).replaceFirst("$2 x $3$4 $1$5");
        return DONE_FOR.matcher(X_FIGURE.matcher(often).replaceFirst("$1 x $2")).replaceFirst("$1, $2");
    }

    private static String digits(MatchResult found) {
        String token = found.group();
        boolean litres = token.matches("\\d+l");
        return litres ? token : token.replaceAll("[Oo]", "0").replaceAll("[Il]", "1");
    }

    private static Optional<String> turned(String text) {
        Matcher matcher = NAME_FIRST.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String name = matcher.group(1).strip();
        String number = matcher.group(2).strip();
        String behind = matcher.group(3).strip();
        if (TWO_THINGS.matcher(name).matches()) {
            return Optional.empty();
        }
        boolean marked = MARKED.matcher(text.substring(0, matcher.start(2))).find();
        Optional<UnitWords.Found> unit = UnitWords.first(behind);
        boolean sized = SIZE.matcher(behind).find();
        boolean ends = END.matcher(unit.map(UnitWords.Found::rest)
                        .orElse(SIZE.matcher(behind).replaceFirst(""))
                        .strip())
                .matches();
        boolean amount = unit.isPresent() || sized || END.matcher(behind).matches();
        boolean kind = marked
                && unit.isPresent()
                && unit.get().rest().strip().matches("\\p{L}[\\p{L} -]{2,30}(?: \\([^()]*\\))?");
        if (kind && !ends) {
            // Pastry - 1 pack puff.
            return Optional.of("%s %s, %s".formatted(number, behind, name.replaceAll("[\\s,;:-]+$", "")));
        }
        if (!ends || !amount || name.length() > LONGEST_NAME || !marked && name.split(" ").length > 5) {
            return Optional.empty();
        }
        String measure = unit.map(found ->
                        behind.substring(0, behind.length() - found.rest().length()))
                .orElse(sized ? behind.replaceFirst("(?i)^(\\p{L}+\\b\\.?).*$", "$1") : "");
        String rest = behind.substring(measure.length()).strip();
        String said = rest.isEmpty() || rest.startsWith(",") || rest.startsWith("(") ? rest : ", " + rest;
        return Optional.of("%s %s %s%s"
                .formatted(
                        number,
                        measure.strip(),
                        name.replaceAll("[\\s,;:-]+$", ""),
                        said.startsWith("(") ? " " + said : said)
                .replaceAll(" {2,}", " "));
    }
}
