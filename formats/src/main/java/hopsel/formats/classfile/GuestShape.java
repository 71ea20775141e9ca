package hopsel.formats.classfile;

import hopsel.core.guest.Attendee;
import hopsel.core.guest.AttendeeBuilder;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Somebody who takes part; section 6 of the contract. */
final class GuestShape {

    private static final Shape<ServedBuilder, Served> SERVED = Shape.of(
                    "served", ServedBuilder::new, ServedBuilder::build)
            .must("for", Values.TEXT, Served::item, (served, item) -> served.item = item)
            .usually("use", Values.TEXT, "", Served::use, (served, use) -> served.use = use);

    private static final Value<Map<String, String>> OTHERWISE =
            Values.as(Values.list(SERVED), GuestShape::byItem, GuestShape::entries);

    /** Somebody who takes part. */
    static final Shape<AttendeeBuilder, Attendee> GUEST = Shape.of(
                    "attendee", AttendeeBuilder::builder, AttendeeBuilder::build)
            .must("id", Values.ID, Attendee::id, AttendeeBuilder::id)
            .must("name", Values.TEXT, Attendee::name, AttendeeBuilder::name)
            .must("avoids", Values.texts(), Attendee::avoids, AttendeeBuilder::avoids)
            .must("servings", Values.number(Bounds.POSITIVE), Attendee::servings, AttendeeBuilder::servings)
            .usually("zone", Moments.SOME_ZONE, Optional.empty(), Attendee::zone, AttendeeBuilder::zone)
            .must(
                    "gets",
                    Values.word(Attendee.Gets.values(), Attendee.Gets::word),
                    Attendee::gets,
                    AttendeeBuilder::gets)
            .usually("rather", Values.texts(), List.of(), Attendee::rather, AttendeeBuilder::rather)
            .usually("ownWords", Values.texts(), List.of(), Attendee::ownWords, AttendeeBuilder::ownWords)
            .usually("without", Values.texts(), List.of(), Attendee::without, AttendeeBuilder::without)
            .usually("variants", Values.texts(), List.of(), Attendee::variants, AttendeeBuilder::variants)
            .usually("served", OTHERWISE, Map.of(), Attendee::served, AttendeeBuilder::served);

    private GuestShape() {}

    private static Map<String, String> byItem(List<Served> entries) {
        Map<String, String> served = new TreeMap<>();
        entries.forEach(entry -> served.put(entry.item, entry.use));
        return served;
    }

    private static List<Served> entries(Map<String, String> served) {
        return served.entrySet().stream()
                .map(entry -> new Served(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparing(Served::item))
                .toList();
    }

    /**
     * What is packed for somebody in place of something.
     *
     * @param item id of what goes
     * @param use id of what comes; empty: nothing
     */
    private record Served(String item, String use) {}

    private static final class ServedBuilder {

        private String item = "";
        private String use = "";

        Served build() {
            return new Served(item, use);
        }
    }
}
