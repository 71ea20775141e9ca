package hopsel.core.bench;

import hopsel.core.dish.Rescue;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.recipe.TechniqueReader;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Corrections that go with a technique; kitchen practice. */
public final class Ladders {

    private static final Map<Set<Technique>, List<Rescue>> LADDERS = new LinkedHashMap<>();

    static {
        ladder(
                EnumSet.of(Technique.SIMMER),
                new Rescue(
                        "too thin",
                        "Take the lid off and let it bubble",
                        "5 minutes at a time",
                        "when a third is gone"),
                new Rescue(
                        "too thin",
                        "Stir in a slurry of cornflour and cold water",
                        "1 tsp in 1 tbsp for each 250 ml",
                        "twice; then it turns gluey"),
                new Rescue(
                        "too thick",
                        "Add hot water or stock",
                        "2 tbsp at a time",
                        "when it drops from the spoon again"),
                new Rescue(
                        "too hot",
                        "Add fat and sweetness: coconut milk, a little sugar",
                        "2 tbsp and ½ tsp",
                        "or make more of everything else"),
                new Rescue(
                        "too salty",
                        "Add unsalted liquid, potato or beans",
                        "a tenth of the volume",
                        "acid only masks it"));
        ladder(
                EnumSet.of(Technique.KNEAD, Technique.ROLL),
                new Rescue(
                        "too sticky",
                        "Wet or oil the hands; then flour",
                        "1 tsp of flour at a time",
                        "2 % of the flour; rest it 10 minutes first"),
                new Rescue("too dry", "Knead in water", "½ tsp at a time", "when it no longer cracks at the edge"),
                new Rescue("springs back", "Cover and let it rest", "10 minutes", "twice"));
        ladder(
                EnumSet.of(Technique.SHAPE, Technique.FILL),
                new Rescue(
                        "too soft",
                        "Stir in a dry binder: oats, crumbs, ground flax",
                        "1 tbsp for each 250 g",
                        "3 tbsp; then chill 15 minutes"),
                new Rescue(
                        "falls apart",
                        "Do not turn it: finish it in the oven at 200 °C",
                        "10 minutes",
                        "once it has a crust it may be turned"),
                new Rescue("too dry", "A splash of water or oil", "1 tsp at a time", "when it holds pressed together"));
        ladder(
                EnumSet.of(Technique.BLEND),
                new Rescue(
                        "grainy",
                        "Blend on; soak longer next time",
                        "1 minute at a time",
                        "3 minutes; let the motor rest"),
                new Rescue("grainy", "Pass it through a sieve", "once", "what stays behind goes into soup"),
                new Rescue("too thick", "Add liquid while it runs", "1 tbsp at a time", "when it folds over itself"));
        ladder(
                EnumSet.of(Technique.FRY, Technique.SWEAT),
                new Rescue(
                        "sticks",
                        "Leave it: it lets go when it has a crust",
                        "1 more minute",
                        "then scrape with a splash of water"),
                new Rescue(
                        "browns too fast",
                        "Pan off the heat, then on at half",
                        "1 minute",
                        "a splash of water cools it at once"),
                new Rescue(
                        "soggy", "Fewer pieces at once, hotter fat", "half a pan", "drain on a rack, never in a bowl"));
        ladder(
                EnumSet.of(Technique.BAKE),
                new Rescue("browns too fast", "Lower it, cover loosely", "20 °C lower", "no paper above 220 °C"),
                new Rescue("pale and done", "Top heat at the very end", "2 minutes, watched", "never leave it"),
                new Rescue("still raw inside", "Lower and longer", "10 minutes at 20 °C less", "look every 5"));
        ladder(
                EnumSet.of(Technique.BOIL),
                new Rescue("still hard", "A splash of boiling water, lid on", "3 tbsp, 3 minutes", "three times"),
                new Rescue("too wet", "Lid off on the lowest heat", "2 minutes", "then spread it on a tray"),
                new Rescue(
                        "sticks together",
                        "Rinse noodles cold, loosen rice with a fork",
                        "at once",
                        "do not stir rice with a spoon"));
    }

    private Ladders() {}

    private static void ladder(Set<Technique> techniques, Rescue... rungs) {
        LADDERS.put(techniques, List.of(rungs));
    }

    /** What the host said to do when a step goes wrong; what is usual where nobody said it. */
    public static List<Rescue> of(Step step) {
        return step.rescues().isEmpty() ? suggested(step) : step.rescues();
    }

    /** The ladder that a step's technique suggests, mildest first; empty where none does. */
    public static List<Rescue> suggested(Step step) {
        Set<Technique> techniques = TechniqueReader.of(step);
        List<Rescue> rungs = new ArrayList<>();
        LADDERS.forEach((of, ladder) -> {
            if (of.stream().anyMatch(techniques::contains) && rungs.size() < 5) {
                rungs.addAll(ladder);
            }
        });
        return List.copyOf(rungs);
    }
}
