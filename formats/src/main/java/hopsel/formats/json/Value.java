package hopsel.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How one sort of value stands in a file. Reading, writing and the schema are said in one place, so they cannot drift
 * apart.
 *
 * @param <V> what it becomes
 */
public interface Value<V> {

    /** Reads a member that is there; what is wrong is noted, and something harmless comes back. */
    V read(Node node, String member);

    /** Something that does no harm where a member is missing that must be there. */
    V harmless();

    /** The value as it is written. */
    JsonNode write(V value, Written written);

    /** What a file may hold here. */
    ObjectNode schema(Schema schema);
}
