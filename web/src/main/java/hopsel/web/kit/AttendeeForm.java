package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Avoided;
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
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Attendees as they were typed: rows that are numbered, or a row of a sheet. A row without a name is none. */
final class AttendeeForm {

    private static final int MOST_ROWS = 300;

    private final CookingClass before;
    private final Catalogue catalogue;

    AttendeeForm(CookingClass before, Catalogue catalogue) {
        this.before = before;
        this.catalogue = catalogue;
    }

    /** Words that can be avoided, for choosing. */
    static List<String> words() {
        return Stream.concat(Arrays.stream(Allergen.values()).map(Allergen::word), Arrays.stream(HouseRule.values()).map(HouseRule::word)).toList();
    }

    List<Attendee> rows(Entered in) throws BadEntryException {
        List<Attendee> attendees = new ArrayList<>();
        String dropped = in.fields().getOrDefault("drop", "");
        for (int i = 0; i < MOST_ROWS; i++) {
            if (!dropped.equals(String.valueOf(i))) {
                Optional<Attendee> row = row(in, "-" + i, attendees);
                row.ifPresent(attendees::add);
            }
        }
        return attendees;
    }

    /**
     * One row.
     *
     * @param suffix of the names of its fields
     * @param others that have an id already
     */
    Optional<Attendee> row(Entered in, String suffix, List<Attendee> others) throws BadEntryException {
        Optional<String> name = in.text("name" + suffix);
        if (name.isEmpty()) {
            return Optional.empty();
        }
        String known = in.text("id" + suffix).orElse("");
        String id = before.attendees().stream().map(Attendee::id).filter(known::equals).findFirst()
                .orElseGet(() -> Slug.free(name.get(), taken -> Stream.concat(others.stream(), before.attendees().stream()).anyMatch(other -> other.id().equals(taken))));
        List<String> avoids = new ArrayList<>();
        for (String said : in.text("avoids" + suffix).orElse("").split("[,;/]")) {
            if (!said.isBlank()) {
                String word = Avoided.find(said, catalogue).orElseThrow(() -> new BadEntryException("avoids" + suffix,
                        "of %s has “%s”, which is no allergen, ingredient or house rule that is known. Write one of: %s; or an ingredient of the catalogue.".formatted(name.get(), said.strip(), String.join(", ", words()))));
                if (!avoids.contains(word)) {
                    avoids.add(word);
                }
            }
        }
        Attendee.Gets gets = in.text("gets" + suffix).isEmpty() ? Attendee.Gets.BOTH : in.choice("gets" + suffix, Attendee.Gets.values(), Attendee.Gets::word);
        return Optional.of(new Attendee(id, name.get(), avoids, in.positive("servings" + suffix).orElse(BigDecimal.ONE), zone(in, "zone" + suffix), gets));
    }

    private static Optional<ZoneId> zone(Entered in, String field) throws BadEntryException {
        Optional<String> zone = in.text(field);
        if (zone.isPresent() && !ZoneId.getAvailableZoneIds().contains(zone.get())) {
            throw new BadEntryException(field, "is “%s”, which is not in the list of zones. Write it like Europe/Lisbon, or leave it empty.".formatted(zone.get()));
        }
        return zone.map(ZoneId::of);
    }
}
