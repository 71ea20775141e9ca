package hopsel.formats.classfile;

import hopsel.core.dish.StepMinutes;
import hopsel.core.measure.Minutes;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Schema;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;
import hopsel.formats.json.Written;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.util.List;

/**
 * A number, or its ends: {@code 5}, {@code {low, high}} or {@code {low, likely, high}}.
 *
 * @param low at least
 * @param likely usually
 * @param high at most
 */
record Ends(BigDecimal low, BigDecimal likely, BigDecimal high) {

    /** Minutes of a step, which have a likely middle. */
    static final Value<StepMinutes> STEP_MINUTES = Values.as(
            new EndsValue(true, Bounds.TIME, Bounds.SOME_TIME),
            ends -> new StepMinutes(Minutes.of(ends.low), Minutes.of(ends.likely), Minutes.of(ends.high)),
            minutes -> new Ends(
                    minutes.low().value(),
                    minutes.likely().value(),
                    minutes.high().value()));

    /** An amount, which has none: its upper end counts. */
    static final Value<Ends> AMOUNT = new EndsValue(false, Bounds.NOT_NEGATIVE, Bounds.POSITIVE);

    private static Ends of(BigDecimal one) {
        return new Ends(one, one, one);
    }

    private record EndsValue(boolean withLikely, Bounds least, Bounds most) implements Value<Ends> {

        /** Whatever is out of order is noted and read as the upper end alone. */
        @Override
        public Ends read(Node node, String member) {
            if (!node.isObject(member)) {
                return of(node.number(member, most));
            }
            Node ends = node.object(member).orElseThrow();
            BigDecimal low = ends.number("low", least);
            BigDecimal high = ends.number("high", most);
            BigDecimal likely = withLikely ? ends.number("likely", most) : high;
            ends.end();
            if (low.compareTo(likely) <= 0 && likely.compareTo(high) <= 0) {
                return new Ends(low, likely, high);
            }
            if (members().stream().allMatch(ends::isNumber)) {
                node.note(
                        node.place().at(member),
                        "The ends are out of order: %s.".formatted(ends),
                        "Write %s.".formatted(String.join(" ≤ ", members())));
            }
            return of(high);
        }

        private List<String> members() {
            return withLikely ? List.of("low", "likely", "high") : List.of("low", "high");
        }

        @Override
        public Ends harmless() {
            return of(BigDecimal.ONE);
        }

        @Override
        public JsonNode write(Ends value, Written written) {
            if (value.low.compareTo(value.high) == 0) {
                return Values.plain(value.high);
            }
            ObjectNode node = Json.object();
            node.set("low", Values.plain(value.low));
            if (withLikely) {
                node.set("likely", Values.plain(value.likely));
            }
            node.set("high", Values.plain(value.high));
            return node;
        }

        @Override
        public ObjectNode schema(Schema schema) {
            ObjectNode ends = Json.object().put("type", "object").put("additionalProperties", false);
            ArrayNode required = ends.putArray("required");
            ObjectNode properties = ends.putObject("properties");
            for (String member : members()) {
                required.add(member);
                properties.set(member, (JsonNode)
                        Values.number(member.equals("low") ? least : most).schema(schema));
            }
            ObjectNode node = Json.object();
            node.putArray("oneOf").add(Values.number(most).schema(schema)).add(ends);
            return node;
        }
    }
}
