package hopsel.formats.classfile;

import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Room;
import hopsel.core.kitchen.Tool;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The optional member {@code room} of a class: {@code {stations?, pace?, own?, counter?: {length, depth}, cameras?, tools?}},
 * and {@code tools} of a step; tools are texts, as a cook writes them.
 */
public final class RoomFile {

    private static final Bounds STATIONS = new Bounds(BigDecimal.ONE, false, BigDecimal.valueOf(Learners.MOST_STATIONS + 1), true);
    private static final Bounds PACE = new Bounds(BigDecimal.ONE, false, new BigDecimal(Learners.SLOWEST + ".0001"), false);
    private static final Bounds CENTIMETRES = new Bounds(BigDecimal.valueOf(CounterTop.LEAST), false, BigDecimal.valueOf(CounterTop.MOST + 1), true);

    private RoomFile() {
    }

    /** The room as it stands in a class file. */
    public static String write(Room room) {
        ObjectNode node = Json.object();
        write(node, room);
        return Json.line(node);
    }

    /**
     * Reads what {@link #write(Room)} wrote.
     *
     * @throws IllegalStateException where it is something else
     */
    public static Room read(String document) {
        List<Finding> findings = new ArrayList<>();
        Room room = readWhole(new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings));
        if (!findings.isEmpty()) {
            throw new IllegalStateException("The room cannot be read: " + findings);
        }
        return room;
    }

    static Room readWhole(Node node) {
        Learners learners = new Learners(node.optionalNumber("stations", STATIONS).orElse(BigDecimal.ONE).intValue(), node.optionalNumber("pace", PACE).orElse(BigDecimal.ONE),
                node.texts("own", false, (text, at) -> Optional.of(text)));
        Optional<CounterTop> counter = node.optionalObject("counter").map(RoomFile::counter);
        Room room = new Room(learners, counter, tools(node), node.texts("cameras", false, (text, at) -> Optional.of(text)));
        node.end();
        return room;
    }

    private static CounterTop counter(Node node) {
        int length = node.number("length", CENTIMETRES).intValue();
        int depth = node.number("depth", CENTIMETRES).intValue();
        node.end();
        boolean sound = Math.min(length, depth) >= CounterTop.LEAST;
        return sound ? new CounterTop(length, depth) : CounterTop.USUAL;
    }

    /** The tools of a room or a step. */
    static List<Tool> tools(Node node) {
        return node.texts("tools", false, (text, at) -> {
            try {
                return Optional.of(Tool.parse(text));
            } catch (IllegalArgumentException e) {
                node.note(at, "[%s] names no tool.".formatted(text), "Write it like: 3 large bowls, or frying pan 26 cm.");
                return Optional.empty();
            }
        });
    }

    static void write(ObjectNode node, Room room) {
        if (room.learners().stations() > 1) {
            node.put("stations", room.learners().stations());
        }
        if (room.learners().pace().compareTo(BigDecimal.ONE) > 0) {
            node.put("pace", new BigDecimal(room.learners().pace().toPlainString()));
        }
        texts(node, "own", room.learners().own());
        room.counter().ifPresent(counter -> node.putObject("counter").put("length", counter.length()).put("depth", counter.depth()));
        texts(node, "cameras", room.cameras());
        tools(node, room.tools());
    }

    static void tools(ObjectNode node, List<Tool> tools) {
        texts(node, "tools", tools.stream().map(Tool::toString).toList());
    }

    private static void texts(ObjectNode node, String member, List<String> texts) {
        if (!texts.isEmpty()) {
            ArrayNode list = node.putArray(member);
            texts.forEach(list::add);
        }
    }
}
