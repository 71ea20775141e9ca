package hopsel.core.recipe;

import java.util.Locale;
import java.util.regex.Pattern;

/** Small letters and capitals of a name. */
final class Lettering {

    private static final Pattern SHOUT = Pattern.compile("\\b\\p{Lu}[\\p{Lu}']+\\b");

    private Lettering() {}

    /** In small letters, where all of it is in capitals; what stands in brackets does not count. */
    static String unshouted(String text) {
        String plain = text.replaceAll("\\([^()]*\\)", "");
        boolean shouted = plain.equals(plain.toUpperCase(Locale.ROOT)) && !plain.equals(plain.toLowerCase(Locale.ROOT));
        return (shouted ? SHOUT.matcher(text).replaceAll(word -> word.group().toLowerCase(Locale.ROOT)) : text)
                .replaceAll("\\s+", " ")
                .strip();
    }

    /** As in the middle of a sentence. */
    static String small(String text) {
        boolean word = text.length() > 1 && (Character.isLowerCase(text.charAt(1)) || text.startsWith("A "));
        return word ? Character.toLowerCase(text.charAt(0)) + text.substring(1) : text;
    }

    static String capital(String text) {
        String plain = text.strip();
        return plain.isEmpty() ? plain : plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
    }
}
