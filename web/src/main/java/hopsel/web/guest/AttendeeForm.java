package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Family;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.core.guest.Phrase;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.web.classes.Guests;
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

/**
 * Attendees as they were typed: rows that are numbered, a row of a sheet, or one guest's own form. A row without a name
 * is none.
 */
public final class AttendeeForm {

    private static final int MOST_ROWS = 300;
    private static final int LONGEST = 1000;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_WORD = 120;
    private static final BigDecimal MOST_SERVINGS = BigDecimal.valueOf(100);

    private final CookingClass before;
    private final Catalogue catalogue;
    private final Map<String, List<String>> rules;

    /**
     * A form.
     *
     * @param before those who are there already
     * @param rules words that a name of the house's own stands for
     */
    public AttendeeForm(CookingClass before, Catalogue catalogue, Map<String, List<String>> rules) {
        this.before = before;
        this.catalogue = catalogue;
        this.rules = rules;
    }

    /** Somebody, and what is known of them. */
    public record Row(Attendee attendee, Particulars known) {}

    /** Words that can be avoided, for choosing: allergens, then rules, then families of foods. */
    public static List<String> words() {
        return Stream.of(
                        Arrays.stream(Allergen.values()).map(Allergen::word),
                        Arrays.stream(HouseRule.values()).map(HouseRule::word),
                        Family.all().stream().map(Family::word))
                .flatMap(words -> words)
                .toList();
    }

    /**
     * All numbered rows, each with what its guest said meanwhile: a field that was not touched here keeps what they
     * said.
     *
     * @param known what is known of those who are there, by id
     */
    public List<Row> rows(Entered in, Map<String, Particulars> known) throws BadEntryException {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < MOST_ROWS; i++) {
            String suffix = "-" + i;
            String id = in.text("id" + suffix).orElse("");
            Optional<Attendee> there = before.attendees().stream()
                    .filter(own -> own.id().equals(id))
                    .findFirst();
            if (there.isPresent()) {
                Map<String, String> now =
                        GuestFields.of(there.get(), known.getOrDefault(id, Particulars.UNKNOWN), catalogue);
                rows.add(row(GuestFields.merged(in, suffix, now, there.get().name()), suffix)
                        .orElseThrow(() -> new BadEntryException(
                                "name" + suffix,
                                "of %s is empty. Write it, or press × beside it to remove them."
                                        .formatted(there.get().name()))));
            } else if (id.isEmpty()) {
                row(in, suffix).ifPresent(rows::add);
            }
        }
        return rows;
    }

    /**
     * One row; somebody new gets an id that nobody had.
     *
     * @param suffix of the names of its fields
     */
    public Optional<Row> row(Entered in, String suffix) throws BadEntryException {
        Optional<String> name = in.text("name" + suffix);
        if (name.isEmpty()) {
            return Optional.empty();
        }
        if (name.get().length() > LONGEST_NAME) {
            throw new BadEntryException(
                    "name" + suffix, "is longer than %d characters. Shorten it.".formatted(LONGEST_NAME));
        }
        String known = in.text("id" + suffix).orElse("");
        String id = before.attendees().stream()
                .map(Attendee::id)
                .filter(known::equals)
                .findFirst()
                .orElseGet(Guests::freshId);
        return Optional.of(new Row(attendee(in, suffix, id, name.get()), particulars(in, suffix)));
    }

    /** Somebody whose id is known. */
    public Attendee attendee(Entered in, String suffix, String id, String name) throws BadEntryException {
        Said cannot = words(in, "avoids" + suffix);
        List<String> avoids = cannot.known();
        Said dislikes = words(in, "rather" + suffix);
        List<String> unmatched = dislikes.own().stream()
                .filter(said -> Phrase.exact(said, catalogue).isEmpty())
                .toList();
        if (!unmatched.isEmpty()) {
            throw new BadEntryException(
                    "rather" + suffix,
                    ("has “%s”, which is no ingredient we know. Tell us about it under “Anything else we should "
                                    + "know”; if you cannot have it at all, write it under “I cannot have”.")
                            .formatted(unmatched.get(0)));
        }
        List<String> rather =
                dislikes.known().stream().filter(word -> !avoids.contains(word)).toList();
        Attendee.Gets gets = in.text("gets" + suffix).isEmpty()
                ? Attendee.Gets.BOTH
                : in.choice("gets" + suffix, Attendee.Gets.values(), Attendee.Gets::word);
        BigDecimal servings = in.positive("servings" + suffix).orElse(BigDecimal.ONE);
        if (servings.compareTo(MOST_SERVINGS) > 0) {
            throw new BadEntryException(
                    "servings" + suffix,
                    "is %s. Give 100 at most; a bigger group signs up more than once."
                            .formatted(servings.toPlainString()));
        }
        Attendee said =
                new Attendee(id, name, avoids, servings, zone(in, "zone" + suffix), gets, rather).saying(cannot.own());
        // What the host chose for fewer kinds of kit holds until they say something else.
        Attendee known = before.attendees().stream()
                .filter(own -> own.id().equals(id))
                .findFirst()
                .map(own -> said.withWithout(own.without()).withVariants(own.variants()))
                .orElse(said);
        return before.attendees().stream()
                .filter(own -> own.id().equals(id)
                        && own.avoids().equals(avoids)
                        && own.rather().equals(rather))
                .findFirst()
                .map(own -> known.served(own.served()))
                .orElse(known);
    }

    /**
     * What somebody said of what they cannot have.
     *
     * @param known words that can be checked: allergens, items, house rules
     * @param own in their own words, what cannot, or not wholly
     */
    private record Said(List<String> known, List<String> own) {}

    /** Any word is taken: what cannot be checked is kept as it was said. */
    private Said words(Entered in, String field) throws BadEntryException {
        Set<String> known = new LinkedHashSet<>();
        Set<String> own = new LinkedHashSet<>();
        for (String part : in.text(field).orElse("").split("[,;/\\n]")) {
            String said = part.strip();
            if (said.length() > LONGEST_WORD) {
                throw new BadEntryException(
                        field,
                        ("has something longer than %d characters. Put commas between the things, and tell a "
                                        + "longer story under “Anything else”.")
                                .formatted(LONGEST_WORD));
            }
            if (!Phrase.isNothing(said)) {
                Optional<List<String>> rule = rule(said);
                rule.ifPresent(known::addAll);
                if (rule.isEmpty()) {
                    known.addAll(Phrase.known(said, catalogue));
                    if (!Phrase.isWhole(said, catalogue)) {
                        own.add(said);
                    }
                }
            }
        }
        return new Said(List.copyOf(known), List.copyOf(own));
    }

    private Optional<List<String>> rule(String said) {
        return rules.entrySet().stream()
                .filter(rule -> rule.getKey().equalsIgnoreCase(said))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** Words for the words of an own rule; all of them have to be such as can be checked. */
    public List<String> ruleWords(Entered in, String field) throws BadEntryException {
        List<String> all = new ArrayList<>();
        for (String said : in.text(field).orElse("").split("[,;/]")) {
            if (!said.isBlank()) {
                List<String> meant = Phrase.exact(said, catalogue);
                if (meant.isEmpty()) {
                    throw new BadEntryException(
                            field,
                            ("has “%s”, which can't be checked. Write allergens, or ingredients from the "
                                            + "catalogue, such as onion, garlic.")
                                    .formatted(said.strip()));
                }
                all.addAll(meant);
            }
        }
        return all;
    }

    /** What is known beside. */
    public static Particulars particulars(Entered in, String suffix) throws BadEntryException {
        Spice spice = in.text("spice" + suffix).isEmpty()
                ? Spice.AS_WRITTEN
                : in.choice("spice" + suffix, Spice.values(), AttendeeForm::word);
        Delivery delivery = in.text("delivery" + suffix).isEmpty()
                ? Delivery.UNKNOWN
                : in.choice("delivery" + suffix, Delivery.values(), AttendeeForm::word);
        List<String> equipment = Arrays.stream(shorter(in, "equipment" + suffix).split("[,;]"))
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
        return new Particulars(
                shorter(in, "contact" + suffix), spice, delivery, equipment, shorter(in, "remark" + suffix));
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
            throw new BadEntryException(
                    field,
                    "is “%s”, which isn't a time zone we know. Write it like Europe/Lisbon, or leave it empty."
                            .formatted(zone.get()));
        }
        return zone.map(ZoneId::of);
    }
}
