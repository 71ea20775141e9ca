package hopsel.formats.json;

import tools.jackson.databind.node.ObjectNode;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/** A JSON Schema being made of what reads and writes the file, for one version of it. */
public final class Schema {

    private final int version;
    private final Map<String, ObjectNode> shapes = new TreeMap<>();

    private Schema(int version) {
        this.version = version;
    }

    /**
     * The schema of a file.
     *
     * @param title of the format
     * @param version of the format
     */
    public static ObjectNode of(String title, int version, Shape<?, ?> root) {
        Schema schema = new Schema(version);
        ObjectNode document = Json.object()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "%s, version %d".formatted(title, version))
                .put("description", "The form of a file. Whether its ids hang together is checked beyond this.");
        document.setAll(root.described(schema));
        ObjectNode definitions = document.putObject("$defs");
        schema.shapes.forEach(definitions::set);
        return document;
    }

    /** For whoever only asks which members there are. */
    static Schema newest() {
        return new Schema(Node.NEWEST);
    }

    /** The version that the schema is for. */
    public int version() {
        return version;
    }

    /** A reference to an object that is described once. */
    ObjectNode reference(String name, Supplier<ObjectNode> described) {
        if (!shapes.containsKey(name)) {
            shapes.put(name, Json.object());
            shapes.put(name, described.get());
        }
        return Json.object().put("$ref", "#/$defs/" + name);
    }
}
