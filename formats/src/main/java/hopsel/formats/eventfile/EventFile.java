package hopsel.formats.eventfile;

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
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.util.List;

/**
 * Reads and writes what happened on air: an object with its {@code kind} and the members of that kind. Screens are told
 * the same by {@link #description}, and send nothing else.
 */
public final class EventFile {

    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);

    private static final Value<String> KEY = Values.TEXT;
    private static final Value<Integer> FIGURE = Values.whole(new Bounds(MOST.negate(), false, MOST, true));
    private static final Value<Long> NUMBER = Values.as(
            Values.number(new Bounds(BigDecimal.ZERO, false, BigDecimal.valueOf(Long.MAX_VALUE), true)),
            BigDecimal::longValue,
            BigDecimal::valueOf);
    private static final Value<Trouble> TROUBLE = Values.word(Trouble.values(), Trouble::name);

    private static final Kinds<Happened> KINDS = new Kinds<>("nothing that happens on air");

    static {
        KINDS.with("on-air", OnAir.class, Shape.of("on-air", () -> new OnAir(), what -> what));
        KINDS.with(
                "start",
                Start.class,
                Shape.of("start", HappenedStartBuilder::builder, HappenedStartBuilder::build)
                        .must("activity", KEY, Start::activity, HappenedStartBuilder::activity));
        KINDS.with(
                "done",
                Done.class,
                Shape.of("done", HappenedDoneBuilder::builder, HappenedDoneBuilder::build)
                        .must("activity", KEY, Done::activity, HappenedDoneBuilder::activity));
        KINDS.with(
                "skip",
                Skip.class,
                Shape.of("skip", HappenedSkipBuilder::builder, HappenedSkipBuilder::build)
                        .must("activity", KEY, Skip::activity, HappenedSkipBuilder::activity));
        KINDS.with(
                "drop",
                Drop.class,
                Shape.of("drop", HappenedDropBuilder::builder, HappenedDropBuilder::build)
                        .must("component", KEY, Drop::component, HappenedDropBuilder::component));
        KINDS.with(
                "swap-in",
                SwapIn.class,
                Shape.of("swap-in", HappenedSwapInBuilder::builder, HappenedSwapInBuilder::build)
                        .must("activity", KEY, SwapIn::activity, HappenedSwapInBuilder::activity));
        KINDS.with(
                "hand-over",
                HandOver.class,
                Shape.of("hand-over", HappenedHandOverBuilder::builder, HappenedHandOverBuilder::build)
                        .must("activity", KEY, HandOver::activity, HappenedHandOverBuilder::activity)
                        .must("person", KEY, HandOver::person, HappenedHandOverBuilder::person));
        KINDS.with(
                "cut",
                Cut.class,
                Shape.of("cut", HappenedCutBuilder::builder, HappenedCutBuilder::build)
                        .must("activity", KEY, Cut::activity, HappenedCutBuilder::activity));
        KINDS.with(
                "extend",
                Extend.class,
                Shape.of("extend", HappenedExtendBuilder::builder, HappenedExtendBuilder::build)
                        .must("activity", KEY, Extend::activity, HappenedExtendBuilder::activity)
                        .must("seconds", FIGURE, Extend::seconds, HappenedExtendBuilder::seconds));
        KINDS.with(
                "looked",
                Looked.class,
                Shape.of("looked", HappenedLookedBuilder::builder, HappenedLookedBuilder::build)
                        .must("activity", KEY, Looked::activity, HappenedLookedBuilder::activity));
        KINDS.with(
                "failed",
                Failed.class,
                Shape.of("failed", HappenedFailedBuilder::builder, HappenedFailedBuilder::build)
                        .must("activity", KEY, Failed::activity, HappenedFailedBuilder::activity)
                        .must("trouble", TROUBLE, Failed::trouble, HappenedFailedBuilder::trouble));
        KINDS.with(
                "went-wrong",
                WentWrong.class,
                Shape.of("went-wrong", HappenedWentWrongBuilder::builder, HappenedWentWrongBuilder::build)
                        .usually("activity", KEY, "", WentWrong::activity, HappenedWentWrongBuilder::activity)
                        .must("trouble", TROUBLE, WentWrong::trouble, HappenedWentWrongBuilder::trouble)
                        .usually("about", KEY, "", WentWrong::about, HappenedWentWrongBuilder::about));
        KINDS.with(
                "handed-in",
                HandedIn.class,
                Shape.of("handed-in", HappenedHandedInBuilder::builder, HappenedHandedInBuilder::build)
                        .must("what", KEY, HandedIn::what, HappenedHandedInBuilder::what));
        KINDS.with(
                "shown",
                Shown.class,
                Shape.of("shown", HappenedShownBuilder::builder, HappenedShownBuilder::build)
                        .must("what", KEY, Shown::what, HappenedShownBuilder::what));
        KINDS.with(
                "tasted",
                Tasted.class,
                Shape.of("tasted", HappenedTastedBuilder::builder, HappenedTastedBuilder::build)
                        .usually("activity", KEY, "", Tasted::activity, HappenedTastedBuilder::activity)
                        .must("line", KEY, Tasted::line, HappenedTastedBuilder::line)
                        .must("thousandths", FIGURE, Tasted::thousandths, HappenedTastedBuilder::thousandths));
        KINDS.with(
                "question",
                Question.class,
                Shape.of("question", HappenedQuestionBuilder::builder, HappenedQuestionBuilder::build)
                        .usually("activity", KEY, "", Question::activity, HappenedQuestionBuilder::activity)
                        .must("text", Values.LONG_TEXT, Question::text, HappenedQuestionBuilder::text));
        KINDS.with(
                "answered",
                Answered.class,
                Shape.of("answered", HappenedAnsweredBuilder::builder, HappenedAnsweredBuilder::build)
                        .must("question", NUMBER, Answered::question, HappenedAnsweredBuilder::question));
        KINDS.with(
                "note",
                Note.class,
                Shape.of("note", HappenedNoteBuilder::builder, HappenedNoteBuilder::build)
                        .usually("activity", KEY, "", Note::activity, HappenedNoteBuilder::activity)
                        .must("text", Values.LONG_TEXT, Note::text, HappenedNoteBuilder::text));
        KINDS.with(
                "oven-set",
                OvenSet.class,
                Shape.of("oven-set", HappenedOvenSetBuilder::builder, HappenedOvenSetBuilder::build)
                        .must("oven", KEY, OvenSet::oven, HappenedOvenSetBuilder::oven)
                        .must("celsius", FIGURE, OvenSet::celsius, HappenedOvenSetBuilder::celsius)
                        .usually("slow", Values.flag(), false, OvenSet::slow, HappenedOvenSetBuilder::slow));
        KINDS.with(
                "door",
                Door.class,
                Shape.of("door", HappenedDoorBuilder::builder, HappenedDoorBuilder::build)
                        .must("oven", KEY, Door::oven, HappenedDoorBuilder::oven)
                        .must("seconds", FIGURE, Door::seconds, HappenedDoorBuilder::seconds));
        KINDS.with(
                "probe",
                Probe.class,
                Shape.of("probe", HappenedProbeBuilder::builder, HappenedProbeBuilder::build)
                        .must("activity", KEY, Probe::activity, HappenedProbeBuilder::activity));
        KINDS.with(
                "undo",
                Undo.class,
                Shape.of("undo", HappenedUndoBuilder::builder, HappenedUndoBuilder::build)
                        .must("event", NUMBER, Undo::event, HappenedUndoBuilder::event));
        KINDS.with("over", Over.class, Shape.of("over", () -> new Over(), what -> what));
    }

    private EventFile() {}

    /** What happened, on one line. */
    public static String write(Happened what) {
        return Json.line(node(what));
    }

    /** What happened, as part of a larger document. */
    public static ObjectNode node(Happened what) {
        return KINDS.node(what);
    }

    /**
     * Reads what {@link #write} wrote, or a screen sent.
     *
     * @throws IllegalArgumentException where it is nothing that can happen, with what is wrong
     */
    public static Happened read(String document) {
        return KINDS.read(document);
    }

    /** The words of all kinds. */
    public static List<String> words() {
        return KINDS.words();
    }

    /** The word of the kind of something that happened. */
    public static String word(Happened what) {
        return KINDS.word(what);
    }

    /** Every kind of event with the members it must and may have, for the scripts of the screens. */
    public static String description() {
        return KINDS.description();
    }
}
