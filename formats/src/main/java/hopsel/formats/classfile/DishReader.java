package hopsel.formats.classfile;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a dish with its components, lines and steps; section 3 of the contract. */
final class DishReader {

    private DishReader() {
    }

    static Dish read(Node node) {
        return new Dish(node.id("id"), node.text("title"), node.number("servings", Bounds.POSITIVE),
                node.list("components", DishReader::component), new Passages(passages(node, "unread"), passages(node, "aside")));
    }

    private static List<String> passages(Node node, String member) {
        return node.texts(member, false, (text, at) -> Optional.of(text));
    }

    private static Component component(Node node) {
        List<Step> steps = new ArrayList<>();
        return new Component(node.id("id"), node.text("title"), node.list("ingredients", DishReader::line),
                node.list("steps", step -> {
                    Step read = step(step, steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1)));
                    steps.add(read);
                    return read;
                }));
    }

    private static IngredientLine line(Node node) {
        return new IngredientLine(node.id("id"), node.text("item"), amount(node), node.optionalText("prep"),
                node.optionalWord("scaling", Scaling.values(), Scaling::word).orElse(Scaling.LINEAR),
                node.flag("optional", false),
                node.optionalWord("from", Source.values(), Source::word).orElse(Source.KIT), node.optionalText("said"));
    }

    private static Optional<Amount> amount(Node node) {
        Optional<Unit> unit = node.optionalWord("unit", Unit.values(), Unit::word);
        Optional<String> size = node.optionalText("size");
        if (size.isPresent() && unit.isPresent() && unit.get() != Unit.PIECE) {
            node.note(node.place().at("size"), "A size is given, but the unit is %s.".formatted(unit.get().word()),
                    "Write the unit piece, or take the size away.");
        }
        if (!node.has("amount")) {
            return Optional.empty();
        }
        Range range = range(node, "amount", false, Bounds.POSITIVE);
        if (unit.isEmpty()) {
            node.note(node.place().at("unit"), "The amount has no unit.", "Add one of: %s.".formatted(Unit.words()));
            return Optional.empty();
        }
        return Optional.of(new Amount(range.low, range.high, unit.get(), size));
    }

    private static Step step(Node node, Optional<Step> previous) {
        Range minutes = node.has("minutes") ? range(node, "minutes", true, Bounds.SOME_TIME)
                : Range.of(node.number("minutes", Bounds.SOME_TIME));
        return new Step(node.id("id"), node.text("title"), node.optionalText("text"),
                new StepMinutes(Minutes.of(minutes.low), Minutes.of(minutes.likely), Minutes.of(minutes.high)),
                node.word("work", Work.values(), Work::word), node.word("show", Show.values(), Show::word),
                node.optionalList("needs", DishReader::need).orElse(List.of()),
                node.optionalList("after", DishReader::after)
                        .orElseGet(() -> previous.map(before -> List.of(After.of(before.id()))).orElse(List.of())),
                node.optionalNumber("keeps", Bounds.TIME).map(Minutes::of), swap(node),
                node.optionalList("uses", DishReader::use).orElse(List.of()),
                node.optionalNumber("checkEvery", Bounds.SOME_TIME).map(Minutes::of),
                node.optionalText("cue"), node.optionalText("say"), noise(node), RoomFile.tools(node));
    }

    private static Need need(Node node) {
        if (node.has("tolerance") && !node.has("celsius")) {
            node.note(node.place().at("tolerance"), "A tolerance is given, but no temperature.",
                    "Add celsius, or take tolerance away.");
        }
        return new Need(node.text("kind"), node.optionalNumber("units", Bounds.COUNT).map(BigDecimal::intValue).orElse(1),
                node.optionalNumber("celsius", Bounds.CELSIUS),
                node.optionalNumber("tolerance", Bounds.NOT_NEGATIVE).orElse(BigDecimal.ZERO));
    }

    private static After after(Node node) {
        return new After(node.text("step"), Minutes.of(node.optionalNumber("wait", Bounds.TIME).orElse(BigDecimal.ZERO)),
                node.optionalNumber("within", Bounds.TIME).map(Minutes::of));
    }

    private static Use use(Node node) {
        return new Use(node.text("ingredient"), node.optionalNumber("share", Bounds.SHARE).orElse(BigDecimal.ONE));
    }

    private static Optional<Minutes> swap(Node node) {
        Optional<Node> swap = node.optionalObject("swap");
        Optional<Minutes> shown = swap.map(inner -> Minutes.of(inner.number("showMinutes", Bounds.SOME_TIME)));
        swap.ifPresent(Node::end);
        return shown;
    }

    private static Optional<String> noise(Node node) {
        Optional<String> noise = node.optionalText("noise");
        if (noise.isPresent() && !noise.get().isBlank() && !noise.get().equals("loud")) {
            node.note(node.place().at("noise"), "[noise] is %s.".formatted(noise.get()), "Write loud, or take it away.");
        }
        return noise;
    }

    /** A number, or its ends; whatever is out of order is noted and read as the upper end alone. */
    private static Range range(Node node, String member, boolean withLikely, Bounds bounds) {
        if (node.isNumber(member) || !node.isObject(member)) {
            return Range.of(node.number(member, bounds));
        }
        Node ends = node.object(member).orElseThrow();
        BigDecimal low = ends.number("low", withLikely ? Bounds.TIME : Bounds.NOT_NEGATIVE);
        BigDecimal high = ends.number("high", bounds);
        BigDecimal likely = withLikely ? ends.number("likely", bounds) : high;
        ends.end();
        boolean readable = ends.isNumber("low") && ends.isNumber("high") && (!withLikely || ends.isNumber("likely"));
        if (low.compareTo(likely) > 0 || likely.compareTo(high) > 0) {
            if (readable) {
                node.note(node.place().at(member), "The ends are out of order: %s.".formatted(ends),
                        withLikely ? "Write low ≤ likely ≤ high." : "Write low ≤ high.");
            }
            return Range.of(high);
        }
        return new Range(low, likely, high);
    }

    private record Range(BigDecimal low, BigDecimal likely, BigDecimal high) {
        static Range of(BigDecimal one) {
            return new Range(one, one, one);
        }
    }
}
