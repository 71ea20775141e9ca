package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.Packing;
import hopsel.core.kit.Portion;
import hopsel.core.kit.Portion.Compartment;

import java.util.ArrayList;
import java.util.List;

/**
 * A kit as it stands on the packing bench: its compartments one over the other, heavy ones below, and in each what is
 * packed there; jars and bags by their volume.
 *
 * @param width of the drawing
 * @param height of it
 * @param boxes compartments
 * @param things in them
 */
public record BagDrawing(int width, int height, List<Box> boxes, List<Thing> things) {

    private static final int WIDTH = 340;
    private static final int EDGE = 14;
    private static final int GAP = 8;
    private static final int HEAD = 20;
    /** From the top of a bag to its bottom. */
    private static final List<Compartment> ORDER =
            List.of(Compartment.FRAGILE, Compartment.FRESH, Compartment.DRY, Compartment.LIQUID, Compartment.COLD);
    /** Edge of a cube of a millilitre, so that a jar of 2 l still fits. */
    private static final double EDGE_OF_ML = 6.4;

    /** A compartment. */
    public record Box(Compartment compartment, int y, int height) {}

    /**
     * A jar, a bag or a piece.
     *
     * @param number as in the list beneath
     */
    public record Thing(
            int number, Portion portion, boolean allergen, double x, double y, double width, double height) {

        /** Outline: a jar with a lid, a bag with a fold, or something round. */
        public String path() {
            Compartment in = portion.compartment();
            if (in == Compartment.LIQUID) {
                double lid = height * 0.16;
                return ("M%1$.1f %2$.1f h%3$.1f v%4$.1f h-%3$.1f z M%5$.1f %6$.1f h%7$.1f q4 0 4 4 v%8$.1f q0 4 -4 "
                                + "4 h-%7$.1f q-4 0 -4 -4 v-%8$.1f q0 -4 4 -4 z")
                        .formatted(x + width * 0.12, y, width * 0.76, lid, x + 4, y + lid, width - 8, height - lid - 8);
            }
            if (portion.pieces() > 0) {
                return "M%1$.1f %2$.1f a%3$.1f %4$.1f 0 1 0 %5$.1f 0 a%3$.1f %4$.1f 0 1 0 -%5$.1f 0 z"
                        .formatted(x, y + height / 2, width / 2, height / 2, width);
            }
            return "M%1$.1f %2$.1f h%3$.1f l-3 6 v%4$.1f q0 5 -5 5 h-%5$.1f q-5 0 -5 -5 v-%4$.1f z"
                    .formatted(x, y, width, height - 11, width - 16);
        }
    }

    /** The drawing of a kind of kit. */
    static BagDrawing of(Packing.KitGroup kind, Catalogue catalogue) {
        List<Box> boxes = new ArrayList<>();
        List<Thing> things = new ArrayList<>();
        int y = 34;
        for (Compartment compartment : ORDER) {
            List<Portion> own = kind.portions().stream()
                    .filter(portion -> portion.compartment() == compartment)
                    .toList();
            if (own.isEmpty()) {
                continue;
            }
            double x = EDGE + GAP;
            double top = y + HEAD;
            double row = 0;
            for (Portion portion : own) {
                double edge = Math.max(26, EDGE_OF_ML * Math.cbrt(portion.millilitres()));
                double high = portion.compartment() == Compartment.LIQUID ? edge * 1.25 : edge;
                if (x + edge > WIDTH - EDGE - GAP) {
                    x = EDGE + GAP;
                    top += row + GAP;
                    row = 0;
                }
                things.add(new Thing(
                        things.size() + 1,
                        portion,
                        !catalogue.get(portion.item()).allergens().isEmpty(),
                        x,
                        top,
                        edge,
                        high));
                x += edge + GAP;
                row = Math.max(row, high);
            }
            int height = (int) Math.ceil(top + row + GAP - y);
            boxes.add(new Box(compartment, y, height));
            y += height + 4;
        }
        return new BagDrawing(WIDTH, y + 12, boxes, things);
    }
}
