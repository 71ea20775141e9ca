package hopsel.formats.classfile;

import hopsel.core.dish.After;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepBuilder;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Schema;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;
import hopsel.formats.json.Written;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.ArrayList;
import java.util.List;

/**
 * The steps of a component: one that does not say what it waits for waits for the one before it, and what only repeats
 * that is not written.
 *
 * @param step what one step is
 */
record ChainedSteps(Shape<StepBuilder, Step> step) implements Value<List<Step>> {

    private static final String AFTER = "after";

    @Override
    public List<Step> read(Node node, String member) {
        List<Step> steps = new ArrayList<>();
        node.list(member, entry -> {
            Step read = step.open(entry);
            steps.add(entry.has(AFTER) ? read : read.withAfter(usual(steps)));
            return read;
        });
        return steps;
    }

    private static List<After> usual(List<Step> before) {
        return before.isEmpty()
                ? List.of()
                : List.of(After.of(before.get(before.size() - 1).id()));
    }

    @Override
    public List<Step> harmless() {
        return List.of();
    }

    @Override
    public JsonNode write(List<Step> steps, Written written) {
        ArrayNode list = Json.list();
        for (int i = 0; i < steps.size(); i++) {
            Step own = steps.get(i);
            ObjectNode node = step.write(own, written);
            if (own.after().equals(usual(steps.subList(0, i)))) {
                node.remove(AFTER);
            } else if (own.after().isEmpty()) {
                node.putArray(AFTER);
            }
            list.add(node);
        }
        return list;
    }

    @Override
    public ObjectNode schema(Schema schema) {
        return Values.list(step).schema(schema);
    }
}
