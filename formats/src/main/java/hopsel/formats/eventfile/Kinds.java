package hopsel.formats.eventfile;

import hopsel.core.Known;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Written;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Things of several kinds, each an object with its {@code kind} and the members of that kind.
 *
 * @param <T> what all of them are
 */
final class Kinds<T> {

    private static final String KIND = "kind";

    private final String what;
    private final Map<String, Shape<?, ? extends T>> shapes = new LinkedHashMap<>();
    private final Map<Class<? extends T>, String> words = new LinkedHashMap<>();

    /** For messages: what is read, as in "nothing that happens on air". */
    Kinds(String what) {
        this.what = what;
    }

    <K extends T> Kinds<T> with(String word, Class<K> kind, Shape<?, K> shape) {
        shapes.put(word, shape);
        words.put(kind, word);
        return this;
    }

    ObjectNode node(T one) {
        String word = word(one);
        ObjectNode node = Json.object().put(KIND, word);
        Shape<?, ? extends T> shape = Known.in(shapes, word);
        node.setAll(written(shape, one));
        return node;
    }

    @SuppressWarnings("unchecked")
    private static <K> ObjectNode written(Shape<?, K> shape, Object one) {
        return shape.write((K) one, new Written());
    }

    /**
     * Reads what was written, or a screen sent.
     *
     * @throws IllegalArgumentException where it is of no kind, with what is wrong
     */
    T read(String document) {
        List<Finding> findings = new ArrayList<>();
        try {
            Node node = new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
            Shape<?, ? extends T> shape = shapes.get(node.text(KIND));
            T one = shape == null ? null : shape.read(node);
            if (one != null && findings.isEmpty()) {
                return one;
            }
        } catch (JacksonException e) {
            throw new IllegalArgumentException("That is nothing that can be read.", e);
        }
        throw new IllegalArgumentException("That is %s: %s.".formatted(what, findings));
    }

    List<String> words() {
        return List.copyOf(shapes.keySet());
    }

    String word(T one) {
        return Known.in(words, one.getClass());
    }

    /** Every kind with the members it must and may have. */
    String description() {
        ObjectNode all = Json.object();
        shapes.forEach((word, shape) -> {
            ObjectNode kind = all.putObject(word);
            ArrayNode must = kind.putArray("must");
            ArrayNode may = kind.putArray("may");
            shape.members().forEach((member, needed) -> (needed ? must : may).add(member));
        });
        return Json.line(all);
    }
}
