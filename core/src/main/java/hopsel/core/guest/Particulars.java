package hopsel.core.guest;

import java.util.List;

/**
 * What is known of an attendee beside what the class file holds. Immutable.
 *
 * @param contact how to reach them, or empty text
 * @param spice how hot they like it
 * @param delivery how they get their kit
 * @param equipment what they have at home, for cooking along; empty: they did not say
 * @param remark what no rule covers, in their words, or empty text
 */
public record Particulars(String contact, Spice spice, Delivery delivery, List<String> equipment, String remark) {

    /** Nothing is known. */
    public static final Particulars UNKNOWN = new Particulars("", Spice.AS_WRITTEN, Delivery.UNKNOWN, List.of(), "");

    /** How hot somebody likes it. */
    public enum Spice {
        MILD,
        AS_WRITTEN,
        HOT
    }

    /** How somebody gets their kit. */
    public enum Delivery {
        UNKNOWN,
        PICK_UP,
        POST
    }

    /** Keeps its own copy. */
    public Particulars {
        equipment = List.copyOf(equipment);
    }
}
