package hopsel.formats.dishfile;

import hopsel.core.dish.ByTaste;
import hopsel.core.bench.Notes;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Rounds;
import hopsel.core.bench.StepNote;
import hopsel.core.dish.Vessel;
import hopsel.core.bench.Draft;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.item.Item;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Passages;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;

/**
 * Reads and writes {@code hopsel-dish}, version 1: a dish of section 3 of the contract under {@code dish}, and beside it
 * what the bench notes. It is what the bench stores, one document for each revision.
 */
public final class DishFile {

    private DishFile() {
    }

    /** The worksheet as an indented document that reads back to the same worksheet. */
    public static String write(Draft sheet) {
        ObjectNode node = Json.object().put("format", "hopsel-dish").put("version", 1).put("measures", sheet.measures().word());
        node.set("dish", ClassFile.dish(sheet.dish()));
        node.set("items", ClassFile.items(sheet.items()));
        notes(node.putObject("notes"), sheet.notes());
        return Json.indented(node);
    }

    private static void notes(ObjectNode node, Notes notes) {
        notes.pieces().ifPresent(value -> node.put("pieces", value));
        notes.pieceWidth().ifPresent(value -> node.put("pieceWidth", value));
        notes.vessel().ifPresent(value -> vessel(node.putObject("vessel"), value));
        notes.headline().ifPresent(value -> node.put("headline", value.value()));
        node.put("source", notes.source());
        ObjectNode guessed = node.putObject("guessed");
        notes.guessed().forEach((step, members) -> texts(guessed.putArray(step), members));
        ObjectNode steps = node.putObject("steps");
        notes.steps().forEach((step, note) -> step(steps.putObject(step), note));
        ObjectNode tastes = node.putObject("tastes");
        notes.tastes().forEach((line, taste) -> tastes.putObject(line).put("start", taste.start()).put("step", taste.step())
                .put("ceiling", taste.ceiling()).put("cue", taste.cue()));
        texts(node.putObject("bases"), notes.bases());
        texts(node.putObject("passed"), notes.passed());
        texts(node.putObject("house"), notes.house());
    }

    private static void vessel(ObjectNode node, Vessel vessel) {
        node.put("shape", vessel.shape().name().toLowerCase(Locale.ROOT)).put("length", vessel.length()).put("width", vessel.width())
                .put("depth", vessel.depth());
    }

    private static void step(ObjectNode node, StepNote note) {
        note.firstLook().ifPresent(value -> node.put("firstLook", value.value()));
        note.rounds().ifPresent(rounds -> node.putObject("rounds").put("pieces", rounds.pieces()).put("perRound", rounds.perRound())
                .put("minutes", rounds.each().value()).put("pans", rounds.pans()));
        note.perWeight().ifPresent(weight -> node.putObject("perWeight").put("base", weight.base().value()).put("perKg", weight.perKg().value()));
        ArrayNode ladder = node.putArray("ladder");
        note.ladder().forEach(rung -> ladder.addObject().put("trouble", rung.trouble()).put("remedy", rung.remedy()).put("dose", rung.dose())
                .put("limit", rung.limit()));
    }

    private static void texts(ArrayNode node, Iterable<String> texts) {
        texts.forEach(node::add);
    }

    private static void texts(ObjectNode node, Map<String, String> texts) {
        texts.forEach(node::put);
    }

    /** What is wrong with a document; empty: it can be read. */
    public static List<Finding> check(String document) {
        List<Finding> findings = new ArrayList<>();
        try {
            read(document, findings);
        } catch (IllegalArgumentException e) {
            findings.add(new Finding("", "The dish cannot be read: %s".formatted(e.getMessage()), "Go back to how it was before."));
        }
        return findings;
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws IllegalArgumentException where it is something else
     */
    public static Draft read(String document) {
        List<Finding> findings = new ArrayList<>();
        Draft sheet = read(document, findings);
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException("The dish file is faulty: " + findings);
        }
        return sheet;
    }

    private static Node part(Node root, String name) {
        return root.object(name).orElseThrow(() -> new IllegalArgumentException("The dish file has no [%s].".formatted(name)));
    }

    private static Draft read(String document, List<Finding> findings) {
        Node root = new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
        root.text("format");
        root.number("version", Bounds.COUNT);
        Measures measures = Measures.of(root.text("measures")).orElse(Measures.METRIC);
        Dish read = ClassFile.readDish(part(root, "dish"));
        List<Item> items = ClassFile.readItems(root, "items");
        Node beside = part(root, "notes");
        Notes notes = notes(beside);
        // Passages stood beside the dish before they became part of it.
        List<String> unread = beside.texts("unread", false, (text, at) -> Optional.of(text));
        Dish dish = unread.isEmpty() ? read : read.with(Passages.unread(unread).and(read.passages()));
        return new Draft(dish, items, measures, notes);
    }

    private static Notes notes(Node node) {
        return new Notes(node.optionalNumber("pieces", Bounds.POSITIVE), node.optionalNumber("pieceWidth", Bounds.POSITIVE), node.optionalObject("vessel").map(DishFile::vessel),
                node.optionalNumber("headline", Bounds.SOME_TIME).map(Minutes::of), node.longText("source"),
                map(node, "guessed", DishFile::members),
                map(node, "steps", (all, id) -> step(all.object(id).orElseThrow())), map(node, "tastes", (all, id) -> taste(all.object(id).orElseThrow())),
                map(node, "bases", Node::text), map(node, "passed", Node::text), map(node, "house", Node::text));
    }

    private static <T> Map<String, T> map(Node node, String member, BiFunction<Node, String, T> value) {
        Map<String, T> map = new LinkedHashMap<>();
        node.object(member).ifPresent(all -> all.members().forEach(id -> map.put(id, value.apply(all, id))));
        return map;
    }

    private static Set<String> members(Node all, String id) {
        return new TreeSet<>(all.texts(id, true, (text, at) -> Optional.of(text)));
    }

    private static Vessel vessel(Node node) {
        return new Vessel(node.word("shape", Vessel.Shape.values(), shape -> shape.name().toLowerCase(Locale.ROOT)), node.number("length", Bounds.POSITIVE),
                node.number("width", Bounds.POSITIVE), node.number("depth", Bounds.POSITIVE));
    }

    private static StepNote step(Node node) {
        return new StepNote(node.optionalNumber("firstLook", Bounds.TIME).map(Minutes::of), node.optionalObject("rounds").map(DishFile::rounds),
                node.optionalObject("perWeight").map(weight -> new PerWeight(Minutes.of(weight.number("base", Bounds.TIME)), Minutes.of(weight.number("perKg", Bounds.TIME)))),
                node.list("ladder", rung -> new Rescue(rung.text("trouble"), rung.text("remedy"), rung.text("dose"), rung.text("limit"))));
    }

    private static Rounds rounds(Node node) {
        return new Rounds(node.number("pieces", Bounds.POSITIVE), node.number("perRound", Bounds.POSITIVE), Minutes.of(node.number("minutes", Bounds.SOME_TIME)),
                node.number("pans", Bounds.COUNT).intValue());
    }

    private static ByTaste taste(Node node) {
        BigDecimal start = node.number("start", Bounds.NOT_NEGATIVE);
        return new ByTaste(start, node.number("step", Bounds.POSITIVE), node.number("ceiling", Bounds.POSITIVE), node.text("cue"));
    }
}
