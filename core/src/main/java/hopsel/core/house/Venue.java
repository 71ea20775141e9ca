package hopsel.core.house;

import hopsel.core.Copyable;
import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Kitchen;

import java.time.ZoneId;

/**
 * A kitchen in which classes are held, by a name of its own: two that are equipped alike are two.
 *
 * @param name as people say it
 * @param address on lines; empty text: nobody has said it
 * @param zone where it is
 * @param kitchen who works there, and what is there
 */
@Copyable
public record Venue(String name, String address, ZoneId zone, Kitchen kitchen) implements VenueBuilder.With {

    /** The kitchen of a class, under a name. */
    public static Venue of(CookingClass cooking, String name, String address) {
        return new Venue(name, address, cooking.zone(), cooking.kitchen());
    }

    /** The class, held here at the same hour by the clock on the wall. */
    public CookingClass held(CookingClass cooking) {
        return cooking.withKitchen(kitchen).withSlot(cooking.slot().withZone(zone));
    }

    /** Whether a class is held here as the kitchen is now. */
    public boolean isAsIn(CookingClass cooking) {
        return kitchen.equals(cooking.kitchen()) && zone.equals(cooking.zone());
    }
}
