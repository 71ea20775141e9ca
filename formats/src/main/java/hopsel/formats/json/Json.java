package hopsel.formats.json;

import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes JSON with exact decimals, no member twice, and bounds on depth and length. */
public final class Json {

    /** Deeper nesting than any of our formats has. */
    private static final int MAX_DEPTH = 40;

    private static final int MAX_NUMBER_LENGTH = 100;
    private static final int MAX_STRING_LENGTH = 200_000;

    private static final StreamReadConstraints BOUNDS = StreamReadConstraints.builder()
            .maxNestingDepth(MAX_DEPTH)
            .maxNumberLength(MAX_NUMBER_LENGTH)
            .maxStringLength(MAX_STRING_LENGTH)
            .build();

    private static final JsonMapper LOOSE = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(BOUNDS)
                    .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS)
                    .build())
            .build();

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(BOUNDS)
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
                    .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    private Json() {}

    /**
     * Reads one document.
     *
     * @throws tools.jackson.core.JacksonException where it is no JSON, too deep, or names a member twice
     */
    public static JsonNode read(byte[] utf8) {
        return MAPPER.readTree(utf8);
    }

    /**
     * Reads a document of others, who may name a member twice; the bounds are the same.
     *
     * @throws tools.jackson.core.JacksonException where it is no JSON, or too deep
     */
    public static JsonNode readLoosely(byte[] utf8) {
        return LOOSE.readTree(utf8);
    }

    /** A new, empty object. */
    public static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    /** A new, empty list. */
    public static ArrayNode list() {
        return MAPPER.createArrayNode();
    }

    /** Writes on one line. */
    public static String line(JsonNode node) {
        return MAPPER.writeValueAsString(node);
    }

    /** Writes indented. */
    public static String indented(JsonNode node) {
        return MAPPER.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(node);
    }
}
