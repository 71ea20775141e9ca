package hopsel.web.guest;

import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Family;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.Figures;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words of choices about attendees. Templates call it {@code @attendeeWords}. */
@Component
public class AttendeeWords {

    private final Figures figures;
    private final MessageSource messages;

    AttendeeWords(Figures figures, MessageSource messages) {
        this.figures = figures;
        this.messages = messages;
    }

    /** What a guest typed that cannot be taken, with the field as their form calls it. */
    public String wrong(BadEntryException wrong) {
        return "%s %s"
                .formatted(
                        messages.getMessage("join.field." + wrong.field(), null, wrong.field(), Locale.ENGLISH),
                        wrong.getMessage());
    }

    /** What of what they cannot have is no box to tick: ingredients and their own words, with commas. */
    public String items(Attendee attendee, Catalogue catalogue) {
        List<String> ticked = AttendeeForm.words();
        return Arrays.stream(GuestFields.cannot(attendee, catalogue).split(", "))
                .filter(word -> !ticked.contains(word))
                .collect(Collectors.joining(", "));
    }

    /** What guests may mean, as they begin to type it: families of foods, then ingredients by their usual names. */
    public List<String> suggestions(Catalogue catalogue) {
        return Stream.of(
                        Arrays.stream(Allergen.values()).map(allergen -> figures.word(allergen.word())),
                        Family.all().stream().map(Family::word),
                        catalogue.items().stream().map(Item::shortName))
                .flatMap(names -> names)
                .map(name -> name.toLowerCase(Locale.ROOT))
                .distinct()
                .toList();
    }

    /** Allergens of a dish as it is written, in words. */
    public List<String> allergens(Dish dish, Catalogue catalogue) {
        Stream<Allergen> found = dish.lines().flatMap(line -> catalogue.get(line.item()).allergens().stream());
        return found.distinct()
                .sorted()
                .map(allergen -> figures.word(allergen.word()))
                .toList();
    }

    /** As it stands in forms and sheets. */
    public String word(Enum<?> value) {
        return AttendeeForm.word(value);
    }
}
