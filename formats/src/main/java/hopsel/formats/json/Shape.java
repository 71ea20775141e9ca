package hopsel.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * An object of a file, member by member: one line says how a member is read, written and described. A new member is one
 * line here.
 *
 * @param <B> what collects the members while they are read
 * @param <T> what the object becomes
 */
public final class Shape<B, T> implements Value<T> {

    private final String name;
    private final Supplier<B> builder;
    private final Function<B, T> build;
    private final List<Part<B, T>> parts = new ArrayList<>();
    private final List<BiConsumer<Node, B>> checks = new ArrayList<>();
    private int since = 1;

    private Shape(String name, Supplier<B> builder, Function<B, T> build) {
        this.name = name;
        this.builder = builder;
        this.build = build;
    }

    /**
     * An object without members so far.
     *
     * @param name what the schema calls it
     */
    public static <B, T> Shape<B, T> of(String name, Supplier<B> builder, Function<B, T> build) {
        return new Shape<>(name, builder, build);
    }

    /** The members that follow are known from this version on. */
    public Shape<B, T> since(int version) {
        since = version;
        return this;
    }

    /** A member that must be there. */
    public <V> Shape<B, T> must(String member, Value<V> value, Function<T, V> get, BiConsumer<B, V> set) {
        return with(new Member<>(member, value, since, true, value.harmless(), get, set));
    }

    /** A member that may be missing, which means something; what only repeats that is not written. */
    public <V> Shape<B, T> usually(String member, Value<V> value, V missing, Function<T, V> get, BiConsumer<B, V> set) {
        return with(new Member<>(member, value, since, false, missing, get, set));
    }

    /** A member that may be missing. */
    public <V> Shape<B, T> may(
            String member, Value<V> value, Function<T, Optional<V>> get, BiConsumer<B, Optional<V>> set) {
        return usually(member, Values.optional(value), Optional.empty(), get, set);
    }

    /** A list that may be missing, which means the same as empty. */
    public <V> Shape<B, T> list(
            String member, Shape<?, V> value, Function<T, List<V>> get, BiConsumer<B, List<V>> set) {
        return usually(member, Values.list(value), List.of(), get, set);
    }

    /** A value whose members stand among those of this object. */
    public <B2, V> Shape<B, T> inline(Shape<B2, V> shape, Function<T, V> get, BiConsumer<B, V> set) {
        return with(new Inlined<>(shape, get, set));
    }

    /** Members that are read and written together. */
    public Shape<B, T> with(Part<B, T> part) {
        parts.add(part);
        return this;
    }

    /**
     * Looks at what was read before it is put together; it may note faults and put something harmless in their place.
     */
    public Shape<B, T> check(BiConsumer<Node, B> check) {
        checks.add(check);
        return this;
    }

    /** Its members, and whether each must be there. */
    public Map<String, Boolean> members() {
        ObjectNode members = Json.object();
        ArrayNode required = Json.list();
        Schema schema = Schema.newest();
        parts.forEach(part -> part.describe(members, required, schema));
        Set<String> must = required.valueStream().map(JsonNode::stringValue).collect(Collectors.toSet());
        Map<String, Boolean> all = new LinkedHashMap<>();
        members.propertyNames().forEach(member -> all.put(member, must.contains(member)));
        return all;
    }

    /** Reads this object; the members that nobody knows are noted. */
    public T read(Node node) {
        T value = open(node);
        node.end();
        return value;
    }

    /** Reads this object and leaves the members that it does not know to others. */
    public T open(Node node) {
        B collected = builder.get();
        parts.forEach(part -> part.read(node, collected));
        checks.forEach(check -> check.accept(node, collected));
        return build.apply(collected);
    }

    /** Writes this object. */
    public ObjectNode write(T value) {
        return write(value, new Written());
    }

    @Override
    public ObjectNode write(T value, Written written) {
        ObjectNode node = Json.object();
        parts.forEach(part -> part.write(node, value, written));
        return node;
    }

    @Override
    public T read(Node node, String member) {
        return read(node.child(member));
    }

    @Override
    public T harmless() {
        return open(Node.nothing());
    }

    @Override
    public ObjectNode schema(Schema schema) {
        return schema.reference(name, () -> described(schema));
    }

    ObjectNode described(Schema schema) {
        ObjectNode node = Json.object().put("type", "object").put("additionalProperties", false);
        ArrayNode required = Json.list();
        ObjectNode members = Json.object();
        parts.forEach(part -> part.describe(members, required, schema));
        if (!required.isEmpty()) {
            node.set("required", required);
        }
        node.set("properties", members);
        return node;
    }

    /** A member, or several that belong together. */
    public interface Part<B, T> {

        /** Reads it into what is being collected. */
        void read(Node node, B collected);

        /** Writes it. */
        void write(ObjectNode node, T value, Written written);

        /** Adds its members to a schema. */
        void describe(ObjectNode members, ArrayNode required, Schema schema);
    }

    private record Member<B, T, V>(
            String name, Value<V> value, int since, boolean must, V missing, Function<T, V> get, BiConsumer<B, V> set)
            implements Part<B, T> {

        @Override
        public void read(Node node, B collected) {
            if (since > node.version()) {
                set.accept(collected, must ? value.harmless() : missing);
            } else if (must) {
                set.accept(collected, node.required(name) ? value.read(node, name) : value.harmless());
            } else {
                set.accept(collected, node.present(name) ? value.read(node, name) : missing);
            }
        }

        @Override
        public void write(ObjectNode node, T whole, Written written) {
            V own = get.apply(whole);
            if (must || !same(own, missing)) {
                written.needs(since);
                node.set(name, value.write(own, written));
            }
        }

        @SuppressWarnings("unchecked")
        private static <V> boolean same(V one, V two) {
            return one instanceof Comparable<?> && one.getClass() == two.getClass()
                    ? ((Comparable<V>) one).compareTo(two) == 0
                    : one.equals(two);
        }

        @Override
        public void describe(ObjectNode members, ArrayNode required, Schema schema) {
            if (since > schema.version()) {
                return;
            }
            members.set(name, (JsonNode) value.schema(schema));
            if (must) {
                required.add(name);
            }
        }
    }

    private record Inlined<B, T, B2, V>(Shape<B2, V> shape, Function<T, V> get, BiConsumer<B, V> set)
            implements Part<B, T> {

        @Override
        public void read(Node node, B collected) {
            set.accept(collected, shape.open(node));
        }

        @Override
        public void write(ObjectNode node, T value, Written written) {
            shape.parts.forEach(part -> part.write(node, get.apply(value), written));
        }

        @Override
        public void describe(ObjectNode members, ArrayNode required, Schema schema) {
            shape.parts.forEach(part -> part.describe(members, required, schema));
        }
    }
}
