package hopsel.formats.dishfile;

import hopsel.core.bench.Draft;
import hopsel.core.bench.DraftBuilder;
import hopsel.core.bench.Notes;
import hopsel.core.bench.NotesBuilder;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.DishShape;
import hopsel.formats.classfile.FormatPart;
import hopsel.formats.classfile.ItemShape;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;
import hopsel.formats.json.Written;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Reads and writes {@code hopsel-dish}: a dish of section 3 of the contract under {@code dish}, and beside it what only
 * its author needs. It is what the bench stores, one document for each revision. Version 1 held what is true of the
 * dish beside it; it is still read, see {@link EarlierDishFile}.
 */
public final class DishFile {

    private static final int NEWEST = 2;

    private static final Value<Set<String>> MEMBERS = Values.as(Values.texts(), TreeSet::new, List::copyOf);

    private static final Shape<NotesBuilder, Notes> NOTES = Shape.of(
                    "notes", NotesBuilder::builder, NotesBuilder::build)
            .may("headline", Values.minutes(Bounds.SOME_TIME), Notes::headline, NotesBuilder::headline)
            .must("source", Values.ANY_TEXT, Notes::source, NotesBuilder::source)
            .usually("guessed", Values.map(MEMBERS), Map.of(), Notes::guessed, NotesBuilder::guessed)
            .usually("passed", Values.map(Values.LONG_TEXT), Map.of(), Notes::passed, NotesBuilder::passed)
            .usually("house", Values.map(Values.LONG_TEXT), Map.of(), Notes::house, NotesBuilder::house);

    private static final Shape<DraftBuilder, Draft> DRAFT = Shape.of(
                    "draft", DraftBuilder::builder, DraftBuilder::build)
            .with(new FormatPart<>("hopsel-dish", NEWEST))
            .must("measures", Values.word(Measures.values(), Measures::word), Draft::measures, DraftBuilder::measures)
            .must("dish", DishShape.DISH, Draft::dish, DraftBuilder::dish)
            .must("items", Values.list(ItemShape.ITEM), Draft::items, DraftBuilder::items)
            .must("notes", NOTES, Draft::notes, DraftBuilder::notes);

    private DishFile() {}

    /** The draft as an indented document that reads back to the same draft. */
    public static String write(Draft draft) {
        ObjectNode node = DRAFT.write(draft, new Written());
        return Json.indented(node.put("version", NEWEST));
    }

    /** What is wrong with a document; empty: it can be read. */
    public static List<Finding> check(String document) {
        List<Finding> findings = new ArrayList<>();
        try {
            read(document, findings);
        } catch (IllegalArgumentException e) {
            findings.add(new Finding(
                    "", "The dish cannot be read: %s".formatted(e.getMessage()), "Go back to how it was before."));
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
        Draft draft = read(document, findings);
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException("The dish file is faulty: " + findings);
        }
        return draft;
    }

    private static Draft read(String document, List<Finding> findings) {
        JsonNode json = EarlierDishFile.brought(Json.read(document.getBytes(StandardCharsets.UTF_8)));
        return DRAFT.read(new Node(json, Place.ROOT, findings));
    }
}
