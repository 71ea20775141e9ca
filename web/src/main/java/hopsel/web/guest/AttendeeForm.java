package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Avoided;
import hopsel.core.diet.Particulars;
import hopsel.core.diet.Particulars.Delivery;
import hopsel.core.diet.Particulars.Spice;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.recipe.Slug;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Attendees as they were typed: rows that are numbered, a row of a sheet, or one guest's own form. A row without a name is none. */
public final class AttendeeForm {

    private static final int MOST_ROWS = 300;
    private static final int LONGEST = 1000;
    private static final BigDecimal MOST_SERVINGS = BigDecimal.valueOf(100);

    private final CookingClass before;
    private final Catalogue catalogue;
    private final Map<String, List<String>> rules;

    /**
     * A form.
     *
     * @param before those who are there already
     * @param rules  words that a name of the house's own stands for
     */
    public AttendeeForm(CookingClass before, Catalogue catalogue, Map<String, List<String>> rules) {
        this.before = before;
        this.catalogue = catalogue;
        this.rules = rules;
    }

    /** Somebody, and what is known of them. */
    public record Row(Attendee attendee, Particulars known) {
    }

    /** Words that can be avoided, for choosing: allergens, then rules. */
    public static List<String> words() {
        return Stream.concat(Arrays.stream(Allergen.values()).map(Allergen::word), Arrays.stream(HouseRule.values()).map(HouseRule::word)).toList();
    }

    /** All numbered rows but the one that is dropped. */
    public List<Row> rows(Entered in) throws BadEntryException {
        List<Row> rows = new ArrayList<>();
        String dropped = in.fields().getOrDefault("drop", "");
        for (int i = 0; i < MOST_ROWS; i++) {
            if (!dropped.equals(String.valueOf(i))) {
                row(in, "-" + i, rows.stream().map(row -> row.attendee.id()).toList()).ifPresent(rows::add);
            }
        }
        return rows;
    }

    /**
     * One row.
     *
     * @param suffix of the names of its fields
     * @param others ids that are taken, beside those of the class
     */
    public Optional<Row> row(Entered in, String suffix, List<String> others) throws BadEntryException {
        Optional<String> name = in.text("name" + suffix);
        if (name.isEmpty()) {
            return Optional.empty();
        }
        String known = in.text("id" + suffix).orElse("");
        String id = before.attendees().stream().map(Attendee::id).filter(known::equals).findFirst()
                .orElseGet(() -> Slug.free(name.get(), taken -> others.contains(taken) || before.attendees().stream().anyMatch(other -> other.id().equals(taken))));
        return Optional.of(new Row(attendee(in, suffix, id, name.get()), particulars(in, suffix)));
    }

    /** Somebody whose id is known. */
    public Attendee attendee(Entered in, String suffix, String id, String name) throws BadEntryException {
        List<String> avoids = words(in, "avoids" + suffix, name);
        List<String> rather = words(in, "rather" + suffix, name).stream().filter(word -> !avoids.contains(word)).toList();
        Attendee.Gets gets = in.text("gets" + suffix).isEmpty() ? Attendee.Gets.BOTH : in.choice("gets" + suffix, Attendee.Gets.values(), Attendee.Gets::word);
        BigDecimal servings = in.positive("servings" + suffix).orElse(BigDecimal.ONE);
        if (servings.compareTo(MOST_SERVINGS) > 0) {
            throw new BadEntryException("servings" + suffix, "is %s. Give 100 at most; a bigger group signs up as several.".formatted(servings.toPlainString()));
        }
        Attendee said = new Attendee(id, name, avoids, servings, zone(in, "zone" + suffix), gets, rather);
        // What the host chose for fewer kinds of kit holds until they say something else.
        return before.attendees().stream().filter(own -> own.id().equals(id) && own.avoids().equals(avoids) && own.rather().equals(rather)).findFirst().map(own -> said.served(own.served())).orElse(said);
    }

    private List<String> words(Entered in, String field, String name) throws BadEntryException {
        Set<String> words = new LinkedHashSet<>();
        for (String said : in.text(field).orElse("").split("[,;/]")) {
            if (!said.isBlank()) {
                words.addAll(word(field, name, said.strip()));
            }
        }
        return List.copyOf(words);
    }

    private List<String> word(String field, String name, String said) throws BadEntryException {
        Optional<List<String>> own = rules.entrySet().stream().filter(rule -> rule.getKey().toLowerCase(Locale.ROOT).equals(said.toLowerCase(Locale.ROOT))).map(Map.Entry::getValue).findFirst();
        if (own.isPresent()) {
            return own.get();
        }
        return List.of(Avoided.find(said, catalogue).orElseThrow(() -> new BadEntryException(field,
                "of %s has “%s”, which is no allergen, ingredient or rule that is known. Write one of: %s; or an ingredient of the catalogue. What no rule covers goes into the remark.".formatted(name, said, String.join(", ", allWords())))));
    }

    private List<String> allWords() {
        return Stream.concat(words().stream(), rules.keySet().stream()).toList();
    }

    /** Words for the words of an own rule. */
    public List<String> ruleWords(Entered in, String field) throws BadEntryException {
        return words(in, field, "this rule");
    }

    /** What is known beside. */
    public static Particulars particulars(Entered in, String suffix) throws BadEntryException {
        Spice spice = in.text("spice" + suffix).isEmpty() ? Spice.AS_WRITTEN : in.choice("spice" + suffix, Spice.values(), AttendeeForm::word);
        Delivery delivery = in.text("delivery" + suffix).isEmpty() ? Delivery.UNKNOWN : in.choice("delivery" + suffix, Delivery.values(), AttendeeForm::word);
        List<String> equipment = Arrays.stream(shorter(in, "equipment" + suffix).split("[,;]")).map(String::strip).filter(one -> !one.isEmpty()).toList();
        return new Particulars(shorter(in, "contact" + suffix), spice, delivery, equipment, shorter(in, "remark" + suffix));
    }

    private static String shorter(Entered in, String field) throws BadEntryException {
        String text = in.text(field).orElse("");
        int most = field.startsWith("contact") ? 300 : LONGEST;
        if (text.length() > most) {
            throw new BadEntryException(field, "is longer than %d characters. Shorten it.".formatted(most));
        }
        return text;
    }

    /** As it stands in forms and sheets: {@code pick-up}. */
    public static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Optional<ZoneId> zone(Entered in, String field) throws BadEntryException {
        Optional<String> zone = in.text(field);
        if (zone.isPresent() && !ZoneId.getAvailableZoneIds().contains(zone.get())) {
            throw new BadEntryException(field, "is “%s”, which is not in the list of zones. Write it like Europe/Lisbon, or leave it empty.".formatted(zone.get()));
        }
        return zone.map(ZoneId::of);
    }
}
