package hopsel.formats.dishfile;

import hopsel.formats.json.Json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

/**
 * Brings a dish file of version 1 into the form of version 2: what was noted beside the dish, by the id of a step, a
 * line or a component, moves into that step, line or component.
 */
final class EarlierDishFile {

    private EarlierDishFile() {}

    /** The document as it is written now; one that is of now already, or is none of ours, stays as it is. */
    static JsonNode brought(JsonNode document) {
        boolean earlier = document.isObject()
                && document.path("version").asInt(0) == 1
                && document.path("dish").isObject()
                && document.path("notes").isObject();
        if (earlier) {
            ObjectNode dish = (ObjectNode) document.get("dish");
            ObjectNode notes = (ObjectNode) document.get("notes");
            for (String member : List.of("pieces", "pieceWidth", "vessel")) {
                move(notes, member, dish, member);
            }
            unread(notes, dish);
            each(notes, "steps", (id, note) -> step(dish, id, note));
            each(notes, "tastes", (id, taste) -> find(dish, "ingredients", id)
                    .ifPresent(line -> line.set("byTaste", taste)));
            each(notes, "bases", (id, title) -> component(dish, id)
                    .ifPresent(own -> own.set("base", Json.object().set("title", title))));
            ((ObjectNode) document).put("version", 2);
        }
        return document;
    }

    private static void step(ObjectNode dish, String id, JsonNode note) {
        find(dish, "steps", id).ifPresent(step -> {
            for (String member : List.of("firstLook", "rounds", "perWeight")) {
                move((ObjectNode) note, member, step, member);
            }
            move((ObjectNode) note, "ladder", step, "rescues");
        });
    }

    /** Passages stood beside the dish before they became part of it. */
    private static void unread(ObjectNode notes, ObjectNode dish) {
        JsonNode beside = notes.remove("unread");
        if (beside instanceof ArrayNode passages && !passages.isEmpty()) {
            ArrayNode all = dish.path("unread") instanceof ArrayNode own ? own : dish.putArray("unread");
            all.addAll(passages);
        }
    }

    private static void move(ObjectNode from, String member, ObjectNode to, String name) {
        JsonNode value = from.remove(member);
        if (value != null && !(value instanceof ArrayNode list && list.isEmpty())) {
            to.set(name, value);
        }
    }

    private static void each(ObjectNode notes, String member, BiConsumer<String, JsonNode> rule) {
        JsonNode all = notes.remove(member);
        if (all instanceof ObjectNode entries) {
            entries.properties().forEach(entry -> rule.accept(entry.getKey(), entry.getValue()));
        }
    }

    private static Optional<ObjectNode> component(ObjectNode dish, String id) {
        return byId(dish.path("components"), id);
    }

    private static Optional<ObjectNode> find(ObjectNode dish, String list, String id) {
        for (JsonNode component : dish.path("components")) {
            Optional<ObjectNode> found = byId(component.path(list), id);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<ObjectNode> byId(JsonNode list, String id) {
        for (JsonNode entry : list) {
            if (entry instanceof ObjectNode own && own.path("id").asString("").equals(id)) {
                return Optional.of(own);
            }
        }
        return Optional.empty();
    }
}
