package hopsel.core.recipe;

import java.util.regex.Pattern;

/** What stands around a recipe and is none of it: what a page says, where it is in a book, whom it is told. */
final class BesideRecipe {

    /** {@code Sat morning}, over steps. */
    static final Pattern MOMENT = Pattern.compile(
            "(?:(?:on )?(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?|(?:the )?(?:day|night|"
                    + "evening|morning) before|on the day|early|late)?,? ?(?:morning|afternoon|evening|night|"
                    + "lunchtime)?:?",
            Pattern.CASE_INSENSITIVE);
    /** What a web page has around a recipe. */
    static final Pattern PAGE_NOISE = Pattern.compile(
            "(?:jump to (?:recipe|video)|print(?: recipe)?|save|share|pin(?: it| recipe)?|rate|cook mode.*|"
                    + "did you make this.*|leave a (?:comment|review).*|[★☆⭐ ]+.*)",
            Pattern.CASE_INSENSITIVE);
    /** {@code show: sealing the edge}: for whoever holds the camera. */
    static final Pattern DIRECTION =
            Pattern.compile("^\\W*(?:show|say|camera|close-?up|remember|ask)\\s*:", Pattern.CASE_INSENSITIVE);

    /** Where it stands in a book. */
    static final Pattern PAGE =
            Pattern.compile("\\s*\\((?:[^()\\d]{0,40}\\b)?(?:p\\.?|pp\\.?|page) ?\\d+\\)", Pattern.CASE_INSENSITIVE);

    /** {@code Kim can't have peanuts}, {@code G = no gluten: …}: of one who eats otherwise; the dish stays as it is. */
    static final Pattern OF_ONE_GUEST = Pattern.compile(
            "^\\W*(?i:oh,? |and |but |nb:? |note:? ){0,3}(?!(?:You|We|I|They|It|This|That|One|Use|Add|With|There|Needs?"
                    + "|Put|Contains?|Has|Almost|Basically|Absolutely)\\b)\\p{Lu}\\p{L}{0,14} ?(?:= ?(?i:no|not"
                    + "|without) "
                    + "\\p{L}+|(?:=|:|is|has) ?(?:an? )?(?i:\\p{L}+ )?(?i:allerg(?:y|ic)|intoleran(?:t|ce)"
                    + "|coeliac|celiac)\\b"
                    + "|: ?(?i:no|without) (?i:gluten|wheat|nuts?|peanuts?|soya?|sesame|mustard|celery|onions?"
                    + "|garlic|coconut)\\b|(?i:no) \\p{Ll}{3,} ?(?:[-=>→(]|$)|(?i:can[’']?t|cannot|can not|must not"
                    + "|mustn[’']?t|doesn[’']?t|won[’']?t|is allergic|never) (?i:have|eat|do|take|touch|to|eats)\\b)");

    /** {@code peanut-free for Ida!}, {@code no sesame on top for Jo}. */
    static final Pattern MADE_FOR_ONE = Pattern.compile(
            "^(?:\\p{L}{3,12}[- ]free|no \\p{Ll}{3,}(?: on (?:top|it))?|without \\p{Ll}{3,}) for (?!the\\b"
                    + "|an?\\b)\\p{Lu}\\p{Ll}+\\b.*");
    /** {@code on air 16.00}. */
    static final Pattern ON_AIR = Pattern.compile(
            "(?:on air|live|doors|guests (?:arrive|in)|start|kick-?off)(?: at)?:? \\d{1,2}[.:]\\d{2}.{0,20}",
            Pattern.CASE_INSENSITIVE);

    /** {@code Allergens: soy, peanut?}: what somebody thinks is in it. */
    static final Pattern ALLERGENS = Pattern.compile(
            "^\\W*(?:allergens?|allergy(?: info| advice)?|may contain)\\s*[:=-].*", Pattern.CASE_INSENSITIVE);

    private BesideRecipe() {}

    /** Whether a passage says nothing but where the recipe stands in a book. */
    static boolean isPage(String passage) {
        return PAGE.matcher(passage).matches();
    }

    /** Whether a passage is said to whoever holds the camera, says when something is done, or belongs to a web page. */
    static boolean isBeside(String passage) {
        return DIRECTION.matcher(passage).find()
                || OF_ONE_GUEST.matcher(passage).find()
                || MADE_FOR_ONE.matcher(passage).matches()
                || ON_AIR.matcher(passage).matches()
                || ALLERGENS.matcher(passage).matches()
                || MOMENT.matcher(passage).matches()
                || PAGE_NOISE.matcher(passage).matches();
    }
}
