package hopsel.core.recipe;

import java.text.Normalizer;
import java.util.Locale;
import java.util.function.Predicate;

/** Ids made from names: small letters, digits and hyphens. */
public final class Slug {

    private static final int LONGEST = 40;

    private Slug() {}

    /** The id for a name; {@code one} where the name holds no letter that an id can hold. */
    public static String of(String name) {
        String plain = Normalizer.normalize(name.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        if (plain.isEmpty()) {
            return "one";
        }
        if (plain.length() > LONGEST) {
            return plain.substring(0, LONGEST).replaceAll("-+$", "");
        }
        return plain;
    }

    /** The id for a name, with a number behind it where it is taken. */
    public static String free(String name, Predicate<String> taken) {
        String stem = of(name);
        String id = stem;
        for (int i = 2; taken.test(id); i++) {
            id = stem + "-" + i;
        }
        return id;
    }
}
