package hopsel.web.bench;

import hopsel.core.Known;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Things;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.food.Product;
import hopsel.core.item.Item;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A dish from bag to plate: each step a box, as far to the right as steps lie before it, with what goes in from the bag
 * and what comes out, and a line to each step that takes that.
 *
 * @param width of the whole, in units of the picture
 * @param height of the whole
 * @param plate where the plate begins
 * @param strips components from top to bottom
 * @param boxes steps
 * @param ways of things from box to box, and onto the plate
 * @param left what is in the bag, and goes in nowhere
 */
record FlowDrawing(
        int width,
        int height,
        int plate,
        List<StripDrawing.Strip> strips,
        List<Box> boxes,
        List<Way> ways,
        List<String> left) {

    private static final int TOP = 8;
    private static final int ROW = 84;
    private static final int BOX = 74;
    private static final int WIDE = 144;
    private static final int PITCH = WIDE + 20;
    private static final int PLATE = 54;
    private static final int GAP = 10;
    /** Letters that a box holds in a line. */
    private static final int LETTERS = 17;

    static FlowDrawing of(BenchView bench) {
        return new Builder(bench).build();
    }

    /**
     * A step.
     *
     * @param title in lines that fit
     * @param bag what goes in from the bag, shortened; empty: nothing
     * @param made what comes out; empty where steps wait for each other in a circle
     * @param asked whether somebody is asked about it
     */
    record Box(
            Step step,
            String component,
            int position,
            int x,
            int y,
            int width,
            int height,
            List<String> title,
            String bag,
            Optional<Product> made,
            boolean asked) {}

    /** A line from a box to another, or onto the plate. */
    record Way(String path, String from, String to) {}

    private static final class Builder {

        private final BenchView bench;
        private final Draft sheet;
        private final Map<String, Integer> depths = new HashMap<>();
        private final List<StripDrawing.Strip> strips = new ArrayList<>();
        private final Map<String, Box> boxes = new HashMap<>();
        private int y = TOP;

        Builder(BenchView bench) {
            this.bench = bench;
            this.sheet = bench.getSheet();
        }

        FlowDrawing build() {
            sheet.dish().components().forEach(this::strip);
            int columns =
                    depths.values().stream().mapToInt(Integer::intValue).max().orElse(0) + 1;
            int plate = GAP + columns * PITCH;
            List<Box> all =
                    sheet.dish().steps().map(step -> Known.in(boxes, step.id())).toList();
            return new FlowDrawing(plate + PLATE + GAP, y, plate, strips, all, ways(all, plate), left());
        }

        /** How many steps lie before one on the longest way to it. */
        private int depth(Step step) {
            Integer known = depths.get(step.id());
            if (known != null) {
                return known;
            }
            // Steps in a circle must not be followed for ever.
            depths.put(step.id(), 0);
            int depth = step.after().stream()
                    .map(After::step)
                    .flatMap(before -> sheet.step(before).stream())
                    .mapToInt(before -> depth(before) + 1)
                    .max()
                    .orElse(0);
            depths.put(step.id(), depth);
            return depth;
        }

        private void strip(Component component) {
            List<Set<Integer>> rows = new ArrayList<>();
            component.steps().stream()
                    .sorted(Comparator.comparingInt(this::depth))
                    .forEach(step -> {
                        int column = depth(step);
                        int row = 0;
                        while (row < rows.size() && rows.get(row).contains(column)) {
                            row++;
                        }
                        if (row == rows.size()) {
                            rows.add(new HashSet<>());
                        }
                        rows.get(row).add(column);
                        boxes.put(step.id(), box(component, step, GAP + column * PITCH, y + row * ROW));
                    });
            int height = Math.max(1, rows.size()) * ROW;
            strips.add(new StripDrawing.Strip(component.id(), component.title(), y, height));
            y += height + GAP;
        }

        private Box box(Component component, Step step, int x, int top) {
            return new Box(
                    step,
                    component.id(),
                    component.steps().indexOf(step),
                    x,
                    top + (ROW - BOX) / 2,
                    WIDE,
                    BOX,
                    inLines(step.title()),
                    step.uses().stream()
                            .flatMap(use -> sheet.line(use.ingredient()).stream())
                            .map(this::name)
                            .collect(Collectors.joining(", ")),
                    bench.product(step),
                    bench.isAsked(step));
        }

        private String name(IngredientLine line) {
            return line.said().or(() -> bench.item(line).map(Item::name)).orElse(line.item());
        }

        private static List<String> inLines(String title) {
            if (title.length() <= LETTERS) {
                return List.of(title);
            }
            int space = title.lastIndexOf(' ', LETTERS);
            int cut = space < LETTERS / 2 ? LETTERS : space;
            String rest = title.substring(cut).strip();
            return List.of(
                    title.substring(0, cut),
                    rest.length() <= LETTERS
                            ? rest
                            : rest.substring(0, LETTERS - 1).strip() + "…");
        }

        private List<Way> ways(List<Box> all, int plate) {
            List<Way> ways = new ArrayList<>();
            for (Box from : all) {
                List<Step> users = Things.users(sheet.dish(), from.step().id());
                users.forEach(user -> {
                    Box to = Known.in(boxes, user.id());
                    ways.add(new Way(path(from, to.x(), middle(to)), from.step().id(), user.id()));
                });
                if (users.isEmpty()) {
                    ways.add(
                            new Way(path(from, plate, middle(from)), from.step().id(), ""));
                }
            }
            return ways;
        }

        private static int middle(Box box) {
            return box.y() + box.height() / 2;
        }

        private static String path(Box from, int toX, int toY) {
            int x = from.x() + from.width();
            int bend = Math.max(14, Math.min(PITCH, (toX - x) / 2));
            return String.format(
                    Locale.ROOT,
                    "M%d %d C%d %d %d %d %d %d",
                    x,
                    middle(from),
                    x + bend,
                    middle(from),
                    toX - bend,
                    toY,
                    toX,
                    toY);
        }

        /** Optional lines may stay in the bag. */
        private List<String> left() {
            return sheet.dish()
                    .lines()
                    .filter(line -> bench.usedAt(line).isEmpty())
                    .map(this::name)
                    .toList();
        }
    }
}
