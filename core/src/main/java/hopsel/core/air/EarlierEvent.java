package hopsel.core.air;

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

import java.util.Arrays;

/**
 * Events as they were written down before each had members of its own: a word, an activity, a figure and a text for
 * all.
 */
public final class EarlierEvent {

    private static final String SLOW = " slow";

    private EarlierEvent() {}

    /**
     * What happened, by what was written down.
     *
     * @throws IllegalArgumentException where there never was such a word
     */
    public static Happened of(String word, String activity, int figure, String text) {
        return switch (word) {
            case "ON_AIR" -> new OnAir();
            case "START" -> new Start(activity);
            case "DONE" -> new Done(activity);
            case "SKIP" -> new Skip(activity);
            case "DROP" -> new Drop(text);
            case "SWAP_IN" -> new SwapIn(activity);
            case "HAND_OVER" -> new HandOver(activity, text);
            case "CUT" -> new Cut(activity);
            case "EXTEND" -> new Extend(activity, figure);
            case "LOOKED" -> new Looked(activity);
            case "FAILED" -> new Failed(activity, trouble(text));
            case "TROUBLE" -> new WentWrong(activity, trouble(text), about(text));
            case "HANDED_IN" -> new HandedIn(text);
            case "SHOWN" -> new Shown(text);
            case "AMOUNT" -> new Tasted(activity, text, figure);
            case "QUESTION" -> new Question(activity, text);
            case "ANSWERED" -> new Answered(number(text));
            case "NOTE" -> new Note(activity, text);
            case "OVEN" -> new OvenSet(text.replaceFirst(SLOW + "$", ""), figure, text.endsWith(SLOW));
            case "DOOR" -> new Door(text, figure);
            case "PROBE" -> new Probe(activity);
            case "UNDO" -> new Undo(number(text));
            case "OVER" -> new Over();
            default -> throw new IllegalArgumentException("There is no event [%s].".formatted(word));
        };
    }

    /** What went wrong stood before a colon, what it was about behind it. */
    private static Trouble trouble(String text) {
        String word = text.replaceFirst(":.*", "");
        return Arrays.stream(Trouble.values())
                .filter(trouble -> trouble.name().equals(word))
                .findFirst()
                .orElse(Trouble.OTHER);
    }

    private static String about(String text) {
        return text.contains(":") ? text.substring(text.indexOf(':') + 1) : "";
    }

    /** Of what is no number, none was ever written down. */
    private static long number(String text) {
        return text.matches("\\d{1,18}") ? Long.parseLong(text) : 0;
    }
}
