package hopsel.web.guest;

import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Phrase;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Decimals;
import hopsel.formats.json.Json;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is known of a guest, as the fields of a form. Two people may change it at once, the guest and the host: each
 * form carries what it showed, so that only what was touched is changed, and nobody overwrites what the other said
 * meanwhile.
 */
public final class GuestFields {

    /** The field in which a form carries what it showed. */
    public static final String SHOWN = "shown";
    /** Fields that say what somebody cannot have: two answers to that are never decided by who was last. */
    private static final List<String> HEALTH = List.of("avoids", "remark");

    private static final List<String> LISTS = List.of("avoids", "rather", "equipment");

    private GuestFields() {}

    /** The fields of somebody. */
    public static Map<String, String> of(Attendee attendee, Particulars known, Catalogue catalogue) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("name", attendee.name());
        fields.put("servings", Decimals.plain(attendee.servings()).toPlainString());
        fields.put("avoids", cannot(attendee, catalogue));
        fields.put("rather", String.join(", ", attendee.rather()));
        fields.put("gets", attendee.gets().word());
        fields.put("zone", attendee.zone().map(Object::toString).orElse(""));
        fields.put("contact", known.contact());
        fields.put("spice", AttendeeForm.word(known.spice()));
        fields.put("delivery", AttendeeForm.word(known.delivery()));
        fields.put("equipment", String.join(", ", known.equipment()));
        fields.put("remark", known.remark());
        return fields;
    }

    /** What somebody cannot have, as they said it: a word that stands for an ingredient comes once. */
    public static String cannot(Attendee attendee, Catalogue catalogue) {
        List<String> found = attendee.ownWords().stream()
                .flatMap(said -> Phrase.known(said, catalogue).stream())
                .toList();
        return Stream.concat(
                        attendee.avoids().stream().filter(word -> !found.contains(word)), attendee.ownWords().stream())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** What a form shows, for it to carry along. */
    public static String shown(Attendee attendee, Particulars known, Catalogue catalogue) {
        ObjectNode node = Json.object();
        of(attendee, known, catalogue).forEach(node::put);
        return Json.line(node);
    }

    /**
     * What was typed, with what was said meanwhile in the fields that were not touched.
     *
     * @param suffix of the names of the fields
     * @param now what is known now
     * @param name whose it is
     * @throws BadEntryException where both changed what somebody cannot have
     */
    public static Entered merged(Entered in, String suffix, Map<String, String> now, String name)
            throws BadEntryException {
        Map<String, String> fields = new HashMap<>(in.fields());
        Map<String, String> shown = shown(in.fields().getOrDefault(SHOWN + suffix, ""));
        for (Map.Entry<String, String> entry : now.entrySet()) {
            String field = entry.getKey();
            String before = shown.getOrDefault(field, entry.getValue());
            String typed = in.fields().getOrDefault(field + suffix, before);
            boolean touched = !same(field, typed, before);
            boolean elsewhere = !same(field, before, entry.getValue());
            if (touched && elsewhere && !same(field, typed, entry.getValue()) && HEALTH.contains(field)) {
                throw new BadEntryException(
                        field + suffix,
                        "of %s was changed meanwhile to “%s”, and here to “%s”. Put both together and save again."
                                .formatted(name, entry.getValue(), typed.strip()));
            }
            if (!touched) {
                fields.put(field + suffix, entry.getValue());
            }
        }
        return new Entered(fields);
    }

    /** Lists are the same whatever their order. */
    private static boolean same(String field, String one, String two) {
        return LISTS.contains(field)
                ? words(one).equals(words(two))
                : one.strip().equals(two.strip());
    }

    private static Set<String> words(String list) {
        return Arrays.stream(list.split("[,;/\\n]"))
                .map(word -> word.strip().toLowerCase(Locale.ROOT))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toSet());
    }

    private static Map<String, String> shown(String document) {
        Map<String, String> fields = new HashMap<>();
        if (document.startsWith("{")) {
            try {
                JsonNode node = Json.read(document.getBytes(StandardCharsets.UTF_8));
                node.properties()
                        .forEach(entry ->
                                fields.put(entry.getKey(), entry.getValue().asString("")));
            } catch (JacksonException e) {
                // Nothing of ours: as if nothing had been shown.
                fields.clear();
            }
        }
        return fields;
    }
}
