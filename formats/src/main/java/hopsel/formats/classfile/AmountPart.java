package hopsel.formats.classfile;

import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.IngredientLineBuilder;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.formats.json.Node;
import hopsel.formats.json.Schema;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;
import hopsel.formats.json.Written;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.Optional;

/** The members {@code amount}, {@code unit} and {@code size} of a line, which make one amount. */
final class AmountPart implements Shape.Part<IngredientLineBuilder, IngredientLine> {

    private static final Value<Unit> UNIT = Values.word(Unit.values(), Unit::word);

    @Override
    public void read(Node node, IngredientLineBuilder line) {
        Optional<Unit> unit = node.optionalWord("unit", Unit.values(), Unit::word);
        Optional<String> size = node.optionalText("size");
        if (size.isPresent() && unit.isPresent() && unit.get() != Unit.PIECE) {
            node.note(
                    node.place().at("size"),
                    "A size is given, but the unit is %s.".formatted(unit.get().word()),
                    "Write the unit piece, or take the size away.");
        }
        if (!node.has("amount")) {
            return;
        }
        Ends amount = Ends.AMOUNT.read(node, "amount");
        if (unit.isEmpty()) {
            node.note(node.place().at("unit"), "The amount has no unit.", "Add one of: %s.".formatted(Unit.words()));
            return;
        }
        line.amount(Optional.of(new Amount(amount.low(), amount.high(), unit.get(), size)));
    }

    @Override
    public void write(ObjectNode node, IngredientLine line, Written written) {
        line.amount().ifPresent(amount -> {
            node.set("amount", Ends.AMOUNT.write(new Ends(amount.low(), amount.high(), amount.high()), written));
            node.set("unit", UNIT.write(amount.unit(), written));
            amount.size().ifPresent(size -> node.put("size", size));
        });
    }

    @Override
    public void describe(ObjectNode members, ArrayNode required, Schema schema) {
        members.set("amount", (JsonNode) Ends.AMOUNT.schema(schema));
        members.set("unit", (JsonNode) UNIT.schema(schema));
        members.set("size", (JsonNode) Values.LONG_TEXT.schema(schema));
    }
}
