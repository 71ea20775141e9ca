package hopsel.formats.classfile;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.diet.Attendee;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
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

    private ClassFile() {
    }

    /**
     * Reads and reviews a class.
     *
     * @param utf8    the file
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
        CookingClass cooking = new ClassReader(root).read();
        root.end();
        List<Finding> all = merge(findings, ClassReview.of(cooking, builtIn));
        if (!all.isEmpty()) {
            throw new FaultyFileException(all);
        }
        return cooking;
    }

    /** The class as an indented file that reads back to the same class. */
    public static String write(CookingClass cooking) {
        return Json.indented(ClassWriter.write(cooking)) + "\n";
    }

    /** Items as section 6 of the contract writes them. */
    public static ArrayNode items(Collection<Item> items) {
        ArrayNode list = Json.list();
        items.forEach(item -> ClassWriter.item(list.addObject(), item));
        return list;
    }

    /** A dish as section 3 of the contract writes it. */
    public static ObjectNode dish(Dish dish) {
        ObjectNode node = Json.object();
        ClassWriter.dish(node, dish);
        return node;
    }

    /** An attendee as section 6 of the contract writes one. */
    public static ObjectNode attendee(Attendee attendee) {
        ObjectNode node = Json.object();
        ClassWriter.attendee(node, attendee);
        return node;
    }

    /**
     * Reads an attendee that {@link #attendee(Attendee)} wrote.
     *
     * @throws IllegalStateException where it is something else
     */
    public static Attendee readAttendee(String document) {
        List<Finding> findings = new ArrayList<>();
        Attendee attendee = ClassReader.attendee(new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings));
        if (!findings.isEmpty()) {
            throw new IllegalStateException("The attendee cannot be read: " + findings);
        }
        return attendee;
    }

    /** Reads a dish of section 3 in a larger document; what is wrong is noted there. */
    public static Dish readDish(Node node) {
        Dish dish = DishReader.read(node);
        node.end();
        return dish;
    }

    /** Reads a list of items in a larger document; what is wrong is noted there. */
    public static List<Item> readItems(Node node, String member) {
        return node.list(member, ItemReader::read);
    }

    /**
     * Reads one item, as section 6 of the contract writes it.
     *
     * @throws FaultyFileException with all findings
     */
    public static Item item(String document) throws FaultyFileException {
        List<Finding> findings = new ArrayList<>();
        Node node = new Node(parse(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
        Item item = ItemReader.read(node);
        node.end();
        if (!findings.isEmpty()) {
            throw new FaultyFileException(findings);
        }
        return item;
    }

    private static JsonNode parse(byte[] utf8) throws FaultyFileException {
        if (utf8.length > MAX_BYTES) {
            throw fault("The file is larger than %d MB.".formatted(MAX_BYTES / 1_000_000), "Split it into classes.");
        }
        JsonNode document;
        try {
            document = Json.read(utf8);
        } catch (JacksonException | StackOverflowError e) {
            throw fault("The file is no JSON that can be read%s: %s.".formatted(where(e), reason(e)),
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
            boolean known = reading.stream().anyMatch(noted -> finding.place().equals(noted.place())
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
        return at == null || at.getLineNr() < 1 ? "" : " at line %d, column %d".formatted(at.getLineNr(), at.getColumnNr());
    }

    private static String reason(Throwable e) {
        String message = e instanceof JacksonException json ? json.getOriginalMessage() : "it is nested too deep";
        return message.lines().findFirst().orElse("").replaceAll("[.\\s]+$", "")
                .replaceAll("\\s*\\(.*?`?StreamReadConstraints.*", "").replaceAll("\\[Source:.*", "");
    }
}
