package hopsel.core.guest;

import java.util.Collections;
import java.util.List;
import java.util.StringTokenizer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How somebody is reached, as it is written in one line: an address for letters, a telephone, or both. */
public final class Contact {

    private Contact() {}

    /** Both in one line. */
    public static String of(String mail, String phone) {
        return Stream.of(mail.strip(), phone.strip())
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Where letters go; empty text: nowhere. */
    public static String mail(String said) {
        return parts(said, " ,;<>\t\n").stream()
                .filter(part -> part.indexOf('@') > 0)
                .findFirst()
                .orElse("");
    }

    /** The rest: a telephone, or whatever else was said. */
    public static String phone(String said) {
        String mail = mail(said);
        return parts(said.replace(mail, ""), ",").stream()
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static List<String> parts(String said, String between) {
        return Collections.list(new StringTokenizer(said, between)).stream()
                .map(String::valueOf)
                .toList();
    }
}
