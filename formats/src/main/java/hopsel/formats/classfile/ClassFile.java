package hopsel.formats.classfile;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kitchen.Room;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Schema;
import hopsel.formats.json.Written;

import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Reads and writes class files. A file is taken whole or, with every finding listed, not at all. */
public final class ClassFile {

    /** The largest file that is looked at, in bytes. */
    public static final int MAX_BYTES = 5_000_000;

    private ClassFile() {}

    /**
     * Reads and reviews a class.
     *
     * @param utf8 the file
     * @param builtIn items that every class may use
     * @throws FaultyFileException with all findings
     */
    public static CookingClass read(byte[] utf8, Catalogue builtIn) throws FaultyFileException {
        JsonNode document = parse(utf8);
        List<Finding> findings = new ArrayList<>();
        Node root = new Node(document, Place.ROOT, findings);
        if (!document.isObject()) {
            throw new FaultyFileException(findings);
        }
        int version = version(root);
        CookingClass read = ClassShape.CLASS.read(root.as(version));
        CookingClass cooking = version == 2 ? read.withTempo(read.tempo().withEdition(Edition.SECOND)) : read;
        List<Finding> all = merge(findings, ClassReview.of(cooking, builtIn));
        if (!all.isEmpty()) {
            throw new FaultyFileException(all);
        }
        return cooking;
    }

    private static int version(Node root) {
        int version = root.number("version", Bounds.COUNT).intValue();
        if (version > ClassShape.NEWEST) {
            root.note(
                    root.place().at("version"),
                    "The version is [%d].".formatted(version),
                    "This program reads versions 1 to %d.".formatted(ClassShape.NEWEST));
        }
        return Math.min(version, ClassShape.NEWEST);
    }

    /**
     * The class as an indented file that reads back to the same class, in the lowest version that knows all of it and
     * plans as it asks.
     */
    public static String write(CookingClass cooking) {
        Written written = new Written();
        ObjectNode file = ClassShape.CLASS.write(cooking, written);
        return Json.indented(file.put("version", Math.max(written.version(), edition(cooking)))) + "\n";
    }

    private static int edition(CookingClass cooking) {
        return cooking.tempo().edition() == Edition.SECOND ? 2 : 1;
    }

    /** The JSON Schema of class files of a version, 1 or 2. */
    public static String schema(int version) {
        return Json.indented(Schema.of("hopsel-class", version, ClassShape.CLASS)) + "\n";
    }

    /** Items as section 6 of the contract writes them. */
    public static ArrayNode items(Collection<Item> items) {
        ArrayNode list = Json.list();
        items.forEach(item -> list.add(ItemShape.ITEM.write(item)));
        return list;
    }

    /** A dish as section 3 of the contract writes it. */
    public static ObjectNode dish(Dish dish) {
        return DishShape.DISH.write(dish);
    }

    /** An attendee as section 6 of the contract writes one. */
    public static ObjectNode attendee(Attendee attendee) {
        return GuestShape.GUEST.write(attendee);
    }

    /**
     * Reads an attendee that {@link #attendee(Attendee)} wrote.
     *
     * @throws IllegalStateException where it is something else
     */
    public static Attendee readAttendee(String document) {
        List<Finding> findings = new ArrayList<>();
        Attendee attendee = GuestShape.GUEST.read(
                new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings));
        if (!findings.isEmpty()) {
            throw new IllegalStateException("The attendee cannot be read: " + findings);
        }
        return attendee;
    }

    /**
     * Reads a room, as it stands in a class file.
     *
     * @throws IllegalStateException where it is something else
     */
    public static Room readRoom(String document) {
        List<Finding> findings = new ArrayList<>();
        Room room = RoomShape.ROOM.read(
                new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings));
        if (!findings.isEmpty()) {
            throw new IllegalStateException("The room cannot be read: " + findings);
        }
        return room;
    }

    /**
     * Reads one item, as section 6 of the contract writes it.
     *
     * @throws FaultyFileException with all findings
     */
    public static Item item(String document) throws FaultyFileException {
        List<Finding> findings = new ArrayList<>();
        Node node = new Node(parse(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
        Item item = ItemShape.ITEM.read(node);
        if (!findings.isEmpty()) {
            throw new FaultyFileException(findings);
        }
        return item;
    }

    static JsonNode parse(byte[] utf8) throws FaultyFileException {
        if (utf8.length > MAX_BYTES) {
            throw fault("The file is larger than %d MB.".formatted(MAX_BYTES / 1_000_000), "Split it into classes.");
        }
        JsonNode document;
        try {
            document = Json.read(utf8);
        } catch (JacksonException | StackOverflowError e) {
            throw fault(
                    "The file is no JSON that can be read%s: %s.".formatted(where(e), reason(e)),
                    "Mend it there; perhaps it was cut off, or is another kind of file.");
        }
        if (document == null || document.isMissingNode()) {
            throw fault("The file is empty.", "Choose a class file.");
        }
        return document;
    }

    /** A finding of the review is dropped where the reading already noted something at or above its place. */
    private static List<Finding> merge(List<Finding> reading, List<Finding> review) {
        List<Finding> all = new ArrayList<>(reading);
        for (Finding finding : review) {
            boolean known = reading.stream()
                    .anyMatch(noted -> finding.place().equals(noted.place())
                            || finding.place().startsWith(noted.place() + "/")
                            || noted.place().startsWith(finding.place() + "/"));
            if (!known) {
                all.add(finding);
            }
        }
        return all;
    }

    private static FaultyFileException fault(String message, String remedy) {
        return new FaultyFileException(List.of(new Finding("", message, remedy)));
    }

    private static String where(Throwable e) {
        TokenStreamLocation at = e instanceof JacksonException json ? json.getLocation() : null;
        return at == null || at.getLineNr() < 1
                ? ""
                : " at line %d, column %d".formatted(at.getLineNr(), at.getColumnNr());
    }

    private static String reason(Throwable e) {
        String message = e instanceof JacksonException json ? json.getOriginalMessage() : "it is nested too deep";
        return message.lines()
                .findFirst()
                .orElse("")
                .replaceAll("[.\\s]+$", "")
                .replaceAll("\\s*\\(.*?`?StreamReadConstraints.*", "")
                .replaceAll("\\[Source:.*", "");
    }
}
