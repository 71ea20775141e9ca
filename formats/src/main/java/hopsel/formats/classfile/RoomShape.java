package hopsel.formats.classfile;

import hopsel.core.classes.Place;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.CounterTopBuilder;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.LearnersBuilder;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.RoomBuilder;
import hopsel.core.kitchen.Tool;
import hopsel.core.recipe.ToolReader;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * The optional member {@code room} of a class: {@code {stations?, pace?, own?, counter?: {length, depth}, cameras?,
 * tools?}}, and {@code tools} of a step; tools are texts, as a cook writes them.
 */
final class RoomShape {

    private static final Bounds STATIONS =
            new Bounds(BigDecimal.ONE, false, BigDecimal.valueOf(Learners.MOST_STATIONS + 1), true);
    private static final Bounds PACE =
            new Bounds(BigDecimal.ONE, false, new BigDecimal(Learners.SLOWEST + ".0001"), false);
    private static final Bounds CENTIMETRES =
            new Bounds(BigDecimal.valueOf(CounterTop.LEAST), false, BigDecimal.valueOf(CounterTop.MOST + 1), true);

    /** Tools of a room or a step. */
    static final Value<List<Tool>> TOOLS = Values.texts(RoomShape::tool, Tool::toString);

    private static final Shape<LearnersBuilder, Learners> LEARNERS = Shape.of(
                    "learners", LearnersBuilder::builder, LearnersBuilder::build)
            .usually("stations", Values.whole(STATIONS), 1, Learners::stations, LearnersBuilder::stations)
            .usually("pace", Values.number(PACE), BigDecimal.ONE, Learners::pace, LearnersBuilder::pace)
            .usually("own", Values.texts(), List.of(), Learners::own, LearnersBuilder::own);

    private static final Shape<CounterTopBuilder, CounterTop> COUNTER = Shape.of(
                    "counter", CounterTopBuilder::builder, CounterTopBuilder::build)
            .must("length", Values.whole(CENTIMETRES), CounterTop::length, CounterTopBuilder::length)
            .must("depth", Values.whole(CENTIMETRES), CounterTop::depth, CounterTopBuilder::depth)
            .check(RoomShape::large);

    /** The room. */
    static final Shape<RoomBuilder, Room> ROOM = Shape.of("room", RoomBuilder::builder, RoomBuilder::build)
            .inline(LEARNERS, Room::learners, RoomBuilder::learners)
            .may("counter", COUNTER, Room::counter, RoomBuilder::counter)
            .usually("tools", TOOLS, List.of(), Room::tools, RoomBuilder::tools)
            .usually("cameras", Values.texts(), List.of(), Room::cameras, RoomBuilder::cameras);

    private RoomShape() {}

    /** What was noted as too small already is put out of harm's way. */
    private static void large(Node node, CounterTopBuilder counter) {
        counter.length(Math.max(CounterTop.LEAST, counter.length())).depth(Math.max(CounterTop.LEAST, counter.depth()));
    }

    private static Optional<Tool> tool(Node node, String text, Place at) {
        try {
            return Optional.of(ToolReader.parse(text));
        } catch (IllegalArgumentException e) {
            node.note(at, "[%s] names no tool.".formatted(text), "Write it like: 3 large bowls, or frying pan 26 cm.");
            return Optional.empty();
        }
    }
}
