package hopsel.formats.classfile;

import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Schema;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Written;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The members {@code format} and {@code version} at the head of a file. A file is written as the lowest version that
 * knows everything in it.
 *
 * @param format its name
 * @param newest version that is read
 */
public record FormatPart<B, T>(String format, int newest) implements Shape.Part<B, T> {

    private static final String VERSION = "version";

    /** Notes what is no version that can be read. */
    @Override
    public void read(Node node, B collected) {
        String name = node.text("format");
        if (!name.isEmpty() && !name.equals(format)) {
            node.note(
                    node.place().at("format"),
                    "The format is [%s].".formatted(name),
                    "It must be %s.".formatted(format));
        }
        node.has(VERSION);
    }

    @Override
    public void write(ObjectNode node, T value, Written written) {
        node.put("format", format).put(VERSION, 1);
    }

    @Override
    public void describe(ObjectNode members, ArrayNode required, Schema schema) {
        required.add("format").add(VERSION);
        members.set("format", Json.object().put("const", format));
        members.set(VERSION, Json.object().put("const", schema.version()));
    }
}
