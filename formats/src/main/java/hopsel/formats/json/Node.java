package hopsel.formats.json;

import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.measure.Decimals;

import tools.jackson.databind.JsonNode;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * An object of a document being read. Every question notes what is wrong and answers with something harmless, so that
 * one reading finds every fault. {@link #end()} notes the members that nobody asked for.
 */
public final class Node {

    /** Characters of a title or a name. */
    static final int SHORT = 1000;
    /** Characters of an instruction or a remark. */
    static final int LONG = 10_000;
    /** Characters of an id. */
    static final int LONGEST_ID = 200;
    /** The newest version of any format that is read. */
    static final int NEWEST = 2;

    private final JsonNode json;
    private final Place place;
    private final List<Finding> findings;
    private final int version;
    private final Set<String> asked = new HashSet<>();

    /**
     * An object at a place.
     *
     * @param json what stands there; where it is no object, that is noted once and nothing else
     * @param findings grows
     */
    public Node(JsonNode json, Place place, List<Finding> findings) {
        this(json, place, findings, NEWEST);
    }

    private Node(JsonNode json, Place place, List<Finding> findings, int version) {
        this.json = json;
        this.place = place;
        this.findings = findings;
        this.version = version;
        if (!json.isObject()) {
            note(place, "An object {…} is expected here, not %s.".formatted(kind(json)), "Mend the file.");
        }
    }

    /** An object without members, of which nothing is noted. */
    static Node nothing() {
        return new Node(Json.object(), Place.ROOT, new ArrayList<>());
    }

    /** The same object, read as that version of the format. */
    public Node as(int other) {
        return new Node(json, place, findings, other);
    }

    /** The version of the format that this object is read as. */
    public int version() {
        return version;
    }

    /** Where this object stands. */
    public Place place() {
        return place;
    }

    /** Whether the member is there, even if it is wrong. */
    public boolean has(String member) {
        asked.add(member);
        return json.has(member);
    }

    /** Whether the member is there and of that sort. */
    public boolean isNumber(String member) {
        return json.has(member) && json.get(member).isNumber();
    }

    /** Whether the member is there and an object. */
    public boolean isObject(String member) {
        return json.has(member) && json.get(member).isObject();
    }

    /** A text that must be there and must not be blank. */
    public String text(String member) {
        return required(member) ? checkedText(member, SHORT) : "";
    }

    /** A text that may be missing. */
    public Optional<String> optionalText(String member) {
        return present(member) ? Optional.of(checkedText(member, LONG)) : Optional.empty();
    }

    /** A long text that must be there and must not be blank. */
    public String longerText(String member) {
        return required(member) ? checkedText(member, LONG) : "";
    }

    /** A text of any length, which may be empty. */
    public String longText(String member) {
        if (!required(member)) {
            return "";
        }
        if (!json.get(member).isString()) {
            wrong(member, "a text in quotes");
            return "";
        }
        return json.get(member).stringValue();
    }

    /** A name by which others refer to this object: short, without a stroke. */
    public String id(String member) {
        String id = text(member);
        if (id.length() > LONGEST_ID || id.indexOf('/') >= 0 || id.chars().anyMatch(Character::isISOControl)) {
            note(
                    place.at(member),
                    "The id [%s] is too long or holds a stroke or a control character.".formatted(shorten(id)),
                    "Use letters, digits and hyphens.");
        }
        return id;
    }

    /** True or false, with what it means when missing. */
    public boolean flag(String member, boolean otherwise) {
        if (!present(member)) {
            return otherwise;
        }
        if (!json.get(member).isBoolean()) {
            wrong(member, "true or false");
            return otherwise;
        }
        return json.get(member).booleanValue();
    }

    /** The names of all members, for an object whose members are chosen freely. */
    public List<String> members() {
        return json.isObject() ? List.copyOf(json.propertyNames()) : List.of();
    }

    /** A number that must be there. */
    public BigDecimal number(String member, Bounds bounds) {
        return required(member) ? checkedNumber(member, bounds) : bounds.harmless();
    }

    /** One of a few words. */
    public <E extends Enum<E>> E word(String member, E[] choices, Function<E, String> word) {
        return required(member) ? checkedWord(member, choices, word) : choices[0];
    }

    /** One of a few words, or nothing. */
    public <E extends Enum<E>> Optional<E> optionalWord(String member, E[] choices, Function<E, String> word) {
        return present(member) ? Optional.of(checkedWord(member, choices, word)) : Optional.empty();
    }

    /** An object that must be there. */
    public Optional<Node> object(String member) {
        return required(member) ? Optional.of(child(member)) : Optional.empty();
    }

    /** A list of objects that must be there, each read and its unknown members noted. */
    public <T> List<T> list(String member, Function<Node, T> reader) {
        return required(member) ? checkedList(member, reader) : List.of();
    }

    /** A list of texts, each read by its place. */
    public <T> List<T> texts(String member, boolean must, TextReader<T> reader) {
        if (must ? !required(member) : !present(member)) {
            return List.of();
        }
        List<T> texts = new ArrayList<>();
        if (!json.get(member).isArray()) {
            wrong(member, "a list […]");
            return texts;
        }
        for (int i = 0; i < json.get(member).size(); i++) {
            JsonNode entry = json.get(member).get(i);
            Place at = place.at(member).at(i);
            if (entry.isString() && !entry.stringValue().isBlank()) {
                reader.read(entry.stringValue(), at).ifPresent(texts::add);
            } else {
                note(at, "A text is expected here, not %s.".formatted(kind(entry)), "Write a word in quotes.");
            }
        }
        return texts;
    }

    /** Reads one text of a list; empty where it was noted as wrong. */
    @FunctionalInterface
    public interface TextReader<T> {
        Optional<T> read(String text, Place at);
    }

    /** Notes every member that nobody asked for. Call it last. */
    public void end() {
        if (!json.isObject()) {
            return;
        }
        for (String member : json.propertyNames()) {
            if (!asked.contains(member)) {
                note(
                        place.at(member),
                        "The member [%s] is not known here.".formatted(shorten(member)),
                        asked.isEmpty()
                                ? "Take it away."
                                : "Mend its name or take it away; known are: %s."
                                        .formatted(asked.stream().sorted().collect(Collectors.joining(", "))));
            }
        }
    }

    /** Notes something at a place. */
    public void note(Place at, String message, String remedy) {
        findings.add(new Finding(at.pointer(), message, remedy));
    }

    @Override
    public String toString() {
        return shorten(json.toString());
    }

    /** Whether the member is there, even if it is wrong; it is known from now on. */
    boolean present(String member) {
        asked.add(member);
        return json.isObject() && json.has(member);
    }

    /** Whether the member is there; noted where it is not. */
    boolean required(String member) {
        if (present(member)) {
            return true;
        }
        if (json.isObject()) {
            note(place.at(member), "The member [%s] is missing.".formatted(member), "Add it.");
        }
        return false;
    }

    private String checkedText(String member, int most) {
        JsonNode value = json.get(member);
        if (!value.isString()) {
            wrong(member, "a text in quotes");
            return "";
        }
        if (value.stringValue().isBlank()) {
            note(place.at(member), "The text [%s] is empty.".formatted(member), "Write something, or take it away.");
        }
        if (value.stringValue().length() > most) {
            note(
                    place.at(member),
                    "The text [%s] has %d characters."
                            .formatted(member, value.stringValue().length()),
                    "Keep it under %d.".formatted(most));
        }
        return value.stringValue();
    }

    private BigDecimal checkedNumber(String member, Bounds bounds) {
        JsonNode value = json.get(member);
        if (!value.isNumber()) {
            wrong(member, "a number");
            return bounds.harmless();
        }
        BigDecimal number = value.decimalValue();
        Optional<String> fault = bounds.fault(number);
        if (fault.isPresent()) {
            note(place.at(member), "[%s] is %s.".formatted(member, shorten(value.asString())), fault.get());
            return bounds.harmless();
        }
        return Decimals.plain(number);
    }

    private <E extends Enum<E>> E checkedWord(String member, E[] choices, Function<E, String> word) {
        JsonNode value = json.get(member);
        for (E choice : choices) {
            if (value.isString() && word.apply(choice).equals(value.stringValue())) {
                return choice;
            }
        }
        note(
                place.at(member),
                "[%s] is %s, which is not known.".formatted(member, shorten(value.toString())),
                "Use one of: %s.".formatted(Arrays.stream(choices).map(word).collect(Collectors.joining(", "))));
        return choices[0];
    }

    private <T> List<T> checkedList(String member, Function<Node, T> reader) {
        List<T> entries = new ArrayList<>();
        if (!json.get(member).isArray()) {
            wrong(member, "a list […]");
            return entries;
        }
        for (int i = 0; i < json.get(member).size(); i++) {
            Node entry = new Node(json.get(member).get(i), place.at(member).at(i), findings, version);
            entries.add(reader.apply(entry));
            entry.end();
        }
        return entries;
    }

    /** The object in a member. */
    Node child(String member) {
        return new Node(json.get(member), place.at(member), findings, version);
    }

    private void wrong(String member, String expected) {
        note(
                place.at(member),
                "[%s] is %s.".formatted(member, kind(json.get(member))),
                "Write %s.".formatted(expected));
    }

    private static String kind(JsonNode value) {
        return switch (value.getNodeType()) {
            case OBJECT -> "an object";
            case ARRAY -> "a list";
            case STRING -> "a text";
            case NUMBER -> "a number";
            case BOOLEAN -> "true or false";
            default -> "nothing (null)";
        };
    }

    private static String shorten(String text) {
        return text.length() <= 60 ? text : text.substring(0, 57) + "…";
    }
}
