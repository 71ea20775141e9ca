package hopsel.formats.classfile;

import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import tools.jackson.databind.node.ObjectNode;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Optional;

/** Dates, times and zones. */
final class Moments {

    /** Stands where a zone was wrong. */
    private static final ZoneId ANY_ZONE = ZoneId.of("UTC");

    private static final LocalDateTime ANY_DATE = LocalDateTime.of(2000, 1, 1, 0, 0);

    /** A zone of the IANA list, or nothing where what stands there is none. */
    static final Value<Optional<ZoneId>> SOME_ZONE = Values.plain(
            Moments::zone,
            Optional.empty(),
            zone -> Json.object().stringNode(zone.orElseThrow().getId()),
            text());

    /** A zone of the IANA list. */
    static final Value<ZoneId> ZONE = Values.as(SOME_ZONE, zone -> zone.orElse(ANY_ZONE), Optional::of);

    /** A date and a time on the wall. */
    static final Value<LocalDateTime> LOCAL = Values.plain(
            Moments::local,
            ANY_DATE,
            at -> Json.object().stringNode(DateTimeFormatter.ISO_LOCAL_DATE_TIME.format(at)),
            Json.object()
                    .put("type", "string")
                    .put("pattern", "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}(:\\d{2}(\\.\\d{1,9})?)?$"));

    private Moments() {}

    private static ObjectNode text() {
        return Json.object().put("type", "string").put("minLength", 1);
    }

    private static Optional<ZoneId> zone(Node node, String member) {
        String name = node.text(member);
        if (ZoneId.getAvailableZoneIds().contains(name)) {
            return Optional.of(ZoneId.of(name));
        }
        if (!name.isBlank()) {
            node.note(
                    node.place().at(member),
                    "There is no zone [%s].".formatted(name),
                    "Write it as in the IANA list, such as Europe/Warsaw.");
        }
        return Optional.empty();
    }

    private static LocalDateTime local(Node node, String member) {
        String text = node.text(member);
        if (text.isBlank()) {
            return ANY_DATE;
        }
        try {
            LocalDateTime at = LocalDateTime.parse(text);
            return at.getYear() < 1900 || at.getYear() > 2999
                    ? none(node, member, text, "Write a year between 1900 and 2999.")
                    : at;
        } catch (DateTimeException e) {
            return none(node, member, text, "Write a date and time that exist, such as 2027-02-13T18:30:00.");
        }
    }

    private static LocalDateTime none(Node node, String member, String text, String remedy) {
        noSuch(node, member, text, remedy);
        return ANY_DATE;
    }

    /** Notes that a moment does not exist. */
    static void noSuch(Node node, String member, String text, String remedy) {
        node.note(node.place().at(member), "There is no such moment as [%s].".formatted(text), remedy);
    }
}
