package hopsel.formats.eventfile;

import hopsel.core.Known;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Answered;
import hopsel.core.air.Happened.Cut;
import hopsel.core.air.Happened.Done;
import hopsel.core.air.Happened.Door;
import hopsel.core.air.Happened.Drop;
import hopsel.core.air.Happened.Extend;
import hopsel.core.air.Happened.Failed;
import hopsel.core.air.Happened.HandOver;
import hopsel.core.air.Happened.HandedIn;
import hopsel.core.air.Happened.Looked;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.OnAir;
import hopsel.core.air.Happened.OvenSet;
import hopsel.core.air.Happened.Over;
import hopsel.core.air.Happened.Probe;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Shown;
import hopsel.core.air.Happened.Skip;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Happened.SwapIn;
import hopsel.core.air.Happened.Tasted;
import hopsel.core.air.Happened.Undo;
import hopsel.core.air.Happened.WentWrong;
import hopsel.core.air.HappenedAnsweredBuilder;
import hopsel.core.air.HappenedCutBuilder;
import hopsel.core.air.HappenedDoneBuilder;
import hopsel.core.air.HappenedDoorBuilder;
import hopsel.core.air.HappenedDropBuilder;
import hopsel.core.air.HappenedExtendBuilder;
import hopsel.core.air.HappenedFailedBuilder;
import hopsel.core.air.HappenedHandOverBuilder;
import hopsel.core.air.HappenedHandedInBuilder;
import hopsel.core.air.HappenedLookedBuilder;
import hopsel.core.air.HappenedNoteBuilder;
import hopsel.core.air.HappenedOvenSetBuilder;
import hopsel.core.air.HappenedProbeBuilder;
import hopsel.core.air.HappenedQuestionBuilder;
import hopsel.core.air.HappenedShownBuilder;
import hopsel.core.air.HappenedSkipBuilder;
import hopsel.core.air.HappenedStartBuilder;
import hopsel.core.air.HappenedSwapInBuilder;
import hopsel.core.air.HappenedTastedBuilder;
import hopsel.core.air.HappenedUndoBuilder;
import hopsel.core.air.HappenedWentWrongBuilder;
import hopsel.core.air.Trouble;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;
import hopsel.formats.json.Written;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads and writes what happened on air: an object with its {@code kind} and the members of that kind. Screens are told
 * the same by {@link #description}, and send nothing else.
 */
public final class EventFile {

    private static final String KIND = "kind";
    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);

    private static final Value<String> KEY = Values.TEXT;
    private static final Value<Integer> FIGURE = Values.whole(new Bounds(MOST.negate(), false, MOST, true));
    private static final Value<Long> NUMBER = Values.as(
            Values.number(new Bounds(BigDecimal.ZERO, false, BigDecimal.valueOf(Long.MAX_VALUE), true)),
            BigDecimal::longValue,
            BigDecimal::valueOf);
    private static final Value<Trouble> TROUBLE = Values.word(Trouble.values(), Trouble::name);

    private static final Map<String, Shape<?, ? extends Happened>> SHAPES = new LinkedHashMap<>();
    private static final Map<Class<? extends Happened>, String> WORDS = new LinkedHashMap<>();

    static {
        kind("on-air", OnAir.class, Shape.of("on-air", () -> new OnAir(), what -> what));
        kind(
                "start",
                Start.class,
                Shape.of("start", HappenedStartBuilder::builder, HappenedStartBuilder::build)
                        .must("activity", KEY, Start::activity, HappenedStartBuilder::activity));
        kind(
                "done",
                Done.class,
                Shape.of("done", HappenedDoneBuilder::builder, HappenedDoneBuilder::build)
                        .must("activity", KEY, Done::activity, HappenedDoneBuilder::activity));
        kind(
                "skip",
                Skip.class,
                Shape.of("skip", HappenedSkipBuilder::builder, HappenedSkipBuilder::build)
                        .must("activity", KEY, Skip::activity, HappenedSkipBuilder::activity));
        kind(
                "drop",
                Drop.class,
                Shape.of("drop", HappenedDropBuilder::builder, HappenedDropBuilder::build)
                        .must("component", KEY, Drop::component, HappenedDropBuilder::component));
        kind(
                "swap-in",
                SwapIn.class,
                Shape.of("swap-in", HappenedSwapInBuilder::builder, HappenedSwapInBuilder::build)
                        .must("activity", KEY, SwapIn::activity, HappenedSwapInBuilder::activity));
        kind(
                "hand-over",
                HandOver.class,
                Shape.of("hand-over", HappenedHandOverBuilder::builder, HappenedHandOverBuilder::build)
                        .must("activity", KEY, HandOver::activity, HappenedHandOverBuilder::activity)
                        .must("person", KEY, HandOver::person, HappenedHandOverBuilder::person));
        kind(
                "cut",
                Cut.class,
                Shape.of("cut", HappenedCutBuilder::builder, HappenedCutBuilder::build)
                        .must("activity", KEY, Cut::activity, HappenedCutBuilder::activity));
        kind(
                "extend",
                Extend.class,
                Shape.of("extend", HappenedExtendBuilder::builder, HappenedExtendBuilder::build)
                        .must("activity", KEY, Extend::activity, HappenedExtendBuilder::activity)
                        .must("seconds", FIGURE, Extend::seconds, HappenedExtendBuilder::seconds));
        kind(
                "looked",
                Looked.class,
                Shape.of("looked", HappenedLookedBuilder::builder, HappenedLookedBuilder::build)
                        .must("activity", KEY, Looked::activity, HappenedLookedBuilder::activity));
        kind(
                "failed",
                Failed.class,
                Shape.of("failed", HappenedFailedBuilder::builder, HappenedFailedBuilder::build)
                        .must("activity", KEY, Failed::activity, HappenedFailedBuilder::activity)
                        .must("trouble", TROUBLE, Failed::trouble, HappenedFailedBuilder::trouble));
        kind(
                "went-wrong",
                WentWrong.class,
                Shape.of("went-wrong", HappenedWentWrongBuilder::builder, HappenedWentWrongBuilder::build)
                        .usually("activity", KEY, "", WentWrong::activity, HappenedWentWrongBuilder::activity)
                        .must("trouble", TROUBLE, WentWrong::trouble, HappenedWentWrongBuilder::trouble)
                        .usually("about", KEY, "", WentWrong::about, HappenedWentWrongBuilder::about));
        kind(
                "handed-in",
                HandedIn.class,
                Shape.of("handed-in", HappenedHandedInBuilder::builder, HappenedHandedInBuilder::build)
                        .must("what", KEY, HandedIn::what, HappenedHandedInBuilder::what));
        kind(
                "shown",
                Shown.class,
                Shape.of("shown", HappenedShownBuilder::builder, HappenedShownBuilder::build)
                        .must("what", KEY, Shown::what, HappenedShownBuilder::what));
        kind(
                "tasted",
                Tasted.class,
                Shape.of("tasted", HappenedTastedBuilder::builder, HappenedTastedBuilder::build)
                        .usually("activity", KEY, "", Tasted::activity, HappenedTastedBuilder::activity)
                        .must("line", KEY, Tasted::line, HappenedTastedBuilder::line)
                        .must("thousandths", FIGURE, Tasted::thousandths, HappenedTastedBuilder::thousandths));
        kind(
                "question",
                Question.class,
                Shape.of("question", HappenedQuestionBuilder::builder, HappenedQuestionBuilder::build)
                        .usually("activity", KEY, "", Question::activity, HappenedQuestionBuilder::activity)
                        .must("text", Values.LONG_TEXT, Question::text, HappenedQuestionBuilder::text));
        kind(
                "answered",
                Answered.class,
                Shape.of("answered", HappenedAnsweredBuilder::builder, HappenedAnsweredBuilder::build)
                        .must("question", NUMBER, Answered::question, HappenedAnsweredBuilder::question));
        kind(
                "note",
                Note.class,
                Shape.of("note", HappenedNoteBuilder::builder, HappenedNoteBuilder::build)
                        .usually("activity", KEY, "", Note::activity, HappenedNoteBuilder::activity)
                        .must("text", Values.LONG_TEXT, Note::text, HappenedNoteBuilder::text));
        kind(
                "oven-set",
                OvenSet.class,
                Shape.of("oven-set", HappenedOvenSetBuilder::builder, HappenedOvenSetBuilder::build)
                        .must("oven", KEY, OvenSet::oven, HappenedOvenSetBuilder::oven)
                        .must("celsius", FIGURE, OvenSet::celsius, HappenedOvenSetBuilder::celsius)
                        .usually("slow", Values.flag(), false, OvenSet::slow, HappenedOvenSetBuilder::slow));
        kind(
                "door",
                Door.class,
                Shape.of("door", HappenedDoorBuilder::builder, HappenedDoorBuilder::build)
                        .must("oven", KEY, Door::oven, HappenedDoorBuilder::oven)
                        .must("seconds", FIGURE, Door::seconds, HappenedDoorBuilder::seconds));
        kind(
                "probe",
                Probe.class,
                Shape.of("probe", HappenedProbeBuilder::builder, HappenedProbeBuilder::build)
                        .must("activity", KEY, Probe::activity, HappenedProbeBuilder::activity));
        kind(
                "undo",
                Undo.class,
                Shape.of("undo", HappenedUndoBuilder::builder, HappenedUndoBuilder::build)
                        .must("event", NUMBER, Undo::event, HappenedUndoBuilder::event));
        kind("over", Over.class, Shape.of("over", () -> new Over(), what -> what));
    }

    private EventFile() {}

    private static <T extends Happened> void kind(String word, Class<T> kind, Shape<?, T> shape) {
        SHAPES.put(word, shape);
        WORDS.put(kind, word);
    }

    /** What happened, on one line. */
    public static String write(Happened what) {
        return Json.line(node(what));
    }

    /** What happened, as part of a larger document. */
    public static ObjectNode node(Happened what) {
        String word = word(what);
        ObjectNode node = Json.object().put(KIND, word);
        Shape<?, ? extends Happened> shape = Known.in(SHAPES, word);
        node.setAll(written(shape, what));
        return node;
    }

    @SuppressWarnings("unchecked")
    private static <T extends Happened> ObjectNode written(Shape<?, T> shape, Happened what) {
        return shape.write((T) what, new Written());
    }

    /**
     * Reads what {@link #write} wrote, or a screen sent.
     *
     * @throws IllegalArgumentException where it is nothing that can happen, with what is wrong
     */
    public static Happened read(String document) {
        List<Finding> findings = new ArrayList<>();
        try {
            Node node = new Node(Json.read(document.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
            Shape<?, ? extends Happened> shape = SHAPES.get(node.text(KIND));
            Happened what = shape == null ? null : shape.read(node);
            if (what != null && findings.isEmpty()) {
                return what;
            }
        } catch (JacksonException e) {
            throw new IllegalArgumentException("That is nothing that can be read.", e);
        }
        throw new IllegalArgumentException("That is nothing that happens on air: %s.".formatted(findings));
    }

    /** The words of all kinds. */
    public static List<String> words() {
        return List.copyOf(SHAPES.keySet());
    }

    /** The word of the kind of something that happened. */
    public static String word(Happened what) {
        return Known.in(WORDS, what.getClass());
    }

    /** Every kind of event with the members it must and may have, for the scripts of the screens. */
    public static String description() {
        ObjectNode all = Json.object();
        SHAPES.forEach((word, shape) -> {
            ObjectNode kind = all.putObject(word);
            ArrayNode must = kind.putArray("must");
            ArrayNode may = kind.putArray("may");
            shape.members().forEach((member, needed) -> (needed ? must : may).add(member));
        });
        return Json.line(all);
    }
}
