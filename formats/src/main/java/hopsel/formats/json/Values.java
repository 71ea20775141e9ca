package hopsel.formats.json;

import hopsel.core.classes.Place;
import hopsel.core.measure.Minutes;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The sorts of value that our files are made of. */
public final class Values {

    /** Decimals kept of a figure that has no end, such as a third. */
    private static final int CARRIED = 20;

    /** A title or a name, not blank. */
    public static final Value<String> TEXT = text(
            Node::text, Json.object().put("type", "string").put("minLength", 1).put("maxLength", Node.SHORT));
    /** An instruction or a remark, not blank. */
    public static final Value<String> LONG_TEXT = text(
            Node::longerText,
            Json.object().put("type", "string").put("minLength", 1).put("maxLength", Node.LONG));
    /** A text of any length, which may be empty. */
    public static final Value<String> ANY_TEXT =
            text(Node::longText, Json.object().put("type", "string"));
    /** A name by which others refer to an object. */
    public static final Value<String> ID = text(
            Node::id,
            Json.object()
                    .put("type", "string")
                    .put("minLength", 1)
                    .put("maxLength", Node.LONGEST_ID)
                    .put("pattern", "^[^/]+$"));

    private Values() {}

    private static Value<String> text(MemberReader<String> reader, ObjectNode schema) {
        return new Plain<>(reader, "", value -> Json.object().stringNode(value), schema);
    }

    /** A number. */
    public static Value<BigDecimal> number(Bounds bounds) {
        return new Plain<>(
                (node, member) -> node.number(member, bounds), bounds.harmless(), Values::plain, bounds.schema());
    }

    /** A whole number. */
    public static Value<Integer> whole(Bounds bounds) {
        return as(number(bounds), BigDecimal::intValue, BigDecimal::valueOf);
    }

    /** Minutes. */
    public static Value<Minutes> minutes(Bounds bounds) {
        return as(number(bounds), Minutes::of, Minutes::value);
    }

    /** True or false. */
    public static Value<Boolean> flag() {
        return new Plain<>(
                (node, member) -> node.flag(member, false),
                false,
                value -> Json.object().booleanNode(value),
                Json.object().put("type", "boolean"));
    }

    /** One of a few words. */
    public static <E extends Enum<E>> Value<E> word(E[] choices, Function<E, String> word) {
        ObjectNode schema = Json.object();
        ArrayNode words = schema.putArray("enum");
        Arrays.stream(choices).map(word).forEach(words::add);
        return new Plain<>(
                (node, member) -> node.word(member, choices, word),
                choices[0],
                value -> Json.object().stringNode(word.apply(value)),
                schema);
    }

    /** The one word that may stand here. */
    public static Value<String> only(String word) {
        return new Plain<>(
                (node, member) -> {
                    String text = node.longerText(member);
                    if (!text.isBlank() && !text.equals(word)) {
                        node.note(
                                node.place().at(member),
                                "[%s] is %s.".formatted(member, text),
                                "Write %s, or take it away.".formatted(word));
                    }
                    return text;
                },
                word,
                value -> Json.object().stringNode(value),
                Json.object().put("const", word));
    }

    /** Something that stands in the file as something else. */
    public static <V, W> Value<W> as(Value<V> value, Function<V, W> from, Function<W, V> to) {
        return new Value<>() {

            @Override
            public W read(Node node, String member) {
                return from.apply(value.read(node, member));
            }

            @Override
            public W harmless() {
                return from.apply(value.harmless());
            }

            @Override
            public JsonNode write(W own, Written written) {
                return value.write(to.apply(own), written);
            }

            @Override
            public ObjectNode schema(Schema schema) {
                return value.schema(schema);
            }
        };
    }

    /** A value that may be missing, where it is there. */
    static <V> Value<Optional<V>> optional(Value<V> value) {
        return as(value, Optional::of, Optional::orElseThrow);
    }

    /** An object that holds nothing but one value, as {@code {"showMinutes": 3}}. */
    public static <V> Value<V> within(String only, Value<V> value) {
        return new Within<>(only, value);
    }

    /** A list of objects. */
    public static <V> Value<List<V>> list(Shape<?, V> shape) {
        return new ListValue<>(shape);
    }

    /** A list of texts. */
    public static Value<List<String>> texts() {
        return texts(Values::kept, Function.identity());
    }

    private static Optional<String> kept(Node node, String text, Place at) {
        return Optional.of(text);
    }

    /** A list of texts that mean something; one that means nothing is noted by the reader and left out. */
    public static <V> Value<List<V>> texts(TextReader<V> reader, Function<V, String> writer) {
        ObjectNode schema = Json.object().put("type", "array");
        schema.putObject("items").put("type", "string").put("minLength", 1);
        return new Plain<>(
                (node, member) -> node.texts(member, true, (text, at) -> reader.read(node, text, at)),
                List.of(),
                values -> {
                    ArrayNode list = Json.list();
                    values.forEach(value -> list.add(writer.apply(value)));
                    return list;
                },
                schema);
    }

    /** A list of words out of a few. */
    public static <V> Value<List<V>> words(TextReader<V> reader, Function<V, String> writer, V[] choices) {
        Value<List<V>> texts = texts(reader, writer);
        ObjectNode schema = Json.object().put("type", "array");
        ArrayNode words = schema.putObject("items").putArray("enum");
        Arrays.stream(choices).map(writer).forEach(words::add);
        return new Plain<>(texts::read, List.of(), values -> texts.write(values, new Written()), schema);
    }

    /**
     * Some of a few words, in no order.
     *
     * @param what one of them is called in messages, as in "no technique"
     */
    public static <E extends Enum<E>> Value<Set<E>> set(String what, E[] choices, Function<E, String> word) {
        String all = Arrays.stream(choices).map(word).collect(Collectors.joining(", "));
        TextReader<E> reader = (node, text, at) -> {
            Optional<E> one = Arrays.stream(choices)
                    .filter(choice -> word.apply(choice).equals(text))
                    .findFirst();
            if (one.isEmpty()) {
                node.note(at, "[%s] is no %s.".formatted(text, what), "Use one of: %s.".formatted(all));
            }
            return one;
        };
        return as(words(reader, word, choices), Set::copyOf, set -> set.stream()
                .sorted()
                .toList());
    }

    /** Reads one text of a list; empty where it was noted as wrong. */
    @FunctionalInterface
    public interface TextReader<V> {
        Optional<V> read(Node node, String text, Place at);
    }

    /** An object whose members are chosen freely, in their order. */
    public static <V> Value<Map<String, V>> map(Value<V> value) {
        return new MapValue<>(value, List.of());
    }

    /** An object of which some members are known and all of one sort, in the order given here. */
    public static <V> Value<Map<String, V>> map(Value<V> value, List<String> names) {
        return new MapValue<>(value, names);
    }

    /** Something that a reader and a writer of its own say. */
    public static <V> Value<V> plain(
            MemberReader<V> reader, V harmless, Function<V, JsonNode> writer, ObjectNode schema) {
        return new Plain<>(reader, harmless, writer, schema);
    }

    /** A number as it is written: whole where it is whole, and with an end. */
    public static JsonNode plain(BigDecimal number) {
        if (number.scale() <= 0 && number.precision() < 18) {
            return Json.object().numberNode(number.longValueExact());
        }
        BigDecimal ended =
                number.scale() > Bounds.MOST_DECIMALS ? number.setScale(CARRIED, RoundingMode.HALF_UP) : number;
        return Json.object().numberNode(ended);
    }

    /** Reads a member that is there. */
    @FunctionalInterface
    public interface MemberReader<V> {
        V read(Node node, String member);
    }

    private record Plain<V>(MemberReader<V> reader, V harmless, Function<V, JsonNode> writer, ObjectNode described)
            implements Value<V> {

        @Override
        public V read(Node node, String member) {
            return reader.read(node, member);
        }

        @Override
        public JsonNode write(V value, Written written) {
            return writer.apply(value);
        }

        @Override
        public ObjectNode schema(Schema schema) {
            return described.deepCopy();
        }
    }

    private record Within<V>(String only, Value<V> value) implements Value<V> {

        @Override
        public V read(Node node, String member) {
            Node object = node.child(member);
            V own = object.required(only) ? value.read(object, only) : value.harmless();
            object.end();
            return own;
        }

        @Override
        public V harmless() {
            return value.harmless();
        }

        @Override
        public JsonNode write(V own, Written written) {
            ObjectNode node = Json.object();
            node.set(only, value.write(own, written));
            return node;
        }

        @Override
        public ObjectNode schema(Schema schema) {
            ObjectNode node = Json.object().put("type", "object").put("additionalProperties", false);
            node.putArray("required").add(only);
            node.putObject("properties").set(only, (JsonNode) value.schema(schema));
            return node;
        }
    }

    private record ListValue<V>(Shape<?, V> shape) implements Value<List<V>> {

        @Override
        public List<V> read(Node node, String member) {
            return node.list(member, shape::open);
        }

        @Override
        public List<V> harmless() {
            return List.of();
        }

        @Override
        public JsonNode write(List<V> values, Written written) {
            ArrayNode list = Json.list();
            values.forEach(own -> list.add(shape.write(own, written)));
            return list;
        }

        @Override
        public ObjectNode schema(Schema schema) {
            ObjectNode node = Json.object().put("type", "array");
            node.set("items", (JsonNode) shape.schema(schema));
            return node;
        }
    }

    private record MapValue<V>(Value<V> value, List<String> known) implements Value<Map<String, V>> {

        @Override
        public Map<String, V> read(Node node, String member) {
            Node object = node.child(member);
            Map<String, V> map = new LinkedHashMap<>();
            List<String> names = known.isEmpty()
                    ? object.members()
                    : known.stream().filter(object::present).toList();
            names.forEach(name -> map.put(name, value.read(object, name)));
            if (!known.isEmpty()) {
                object.end();
            }
            return map;
        }

        @Override
        public Map<String, V> harmless() {
            return Map.of();
        }

        @Override
        public JsonNode write(Map<String, V> map, Written written) {
            ObjectNode node = Json.object();
            map.forEach((name, own) -> node.set(name, value.write(own, written)));
            return node;
        }

        @Override
        public ObjectNode schema(Schema schema) {
            ObjectNode node = Json.object().put("type", "object");
            if (known.isEmpty()) {
                node.set("additionalProperties", (JsonNode) value.schema(schema));
                return node;
            }
            ObjectNode members = node.put("additionalProperties", false).putObject("properties");
            known.forEach(name -> members.set(name, (JsonNode) value.schema(schema)));
            return node;
        }
    }
}
