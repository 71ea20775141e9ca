package hopsel.web.mise;

import hopsel.core.mise.CounterLayout;
import hopsel.core.mise.CounterLayout.Place;
import hopsel.core.mise.CounterLayout.Standing;

import java.util.List;

/**
 * The counter from above as a picture: whoever cooks stands at the lower edge.
 *
 * @param width units of the picture
 * @param height units of the picture
 * @param places that are kept
 * @param bowls that stand
 */
record CounterDrawing(double width, double height, List<Box> places, List<Round> bowls) {

    /** Units for a centimetre. */
    private static final double SCALE = 6;

    /** A kept place. */
    record Box(Place place, double x, double y, double width, double height) {}

    /** A bowl. */
    record Round(Standing standing, double x, double y, double radius) {}

    static CounterDrawing of(CounterLayout layout) {
        double height = layout.counter().depth() * SCALE;
        return new CounterDrawing(
                layout.counter().length() * SCALE,
                height,
                layout.places().stream()
                        .map(place -> new Box(
                                place,
                                place.x() * SCALE,
                                height - (place.y() + place.depth()) * SCALE,
                                place.width() * SCALE,
                                place.depth() * SCALE))
                        .toList(),
                layout.bowls().stream()
                        .map(bowl ->
                                new Round(bowl, bowl.x() * SCALE, height - bowl.y() * SCALE, bowl.across() / 2 * SCALE))
                        .toList());
    }
}
