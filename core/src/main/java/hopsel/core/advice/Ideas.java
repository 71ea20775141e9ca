package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Shared;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.kitchen.Role;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which of a host's dishes go together in one class: in its slot, its kitchen, with its people, for its guests.
 *
 * <p>Sets whose hands work on air alone is too long are left out; of the rest, those that share oven temperatures and
 * ingredients are planned, up to a number, and ranked by what the plans are like.
 */
public final class Ideas {

    private static final int MOST_PLANNED = 60;
    private static final int MOST_TOLD = 8;
    /** Everybody served first, then the fewest swap-outs, the most that is made together, the most that is shown. */
    private static final Comparator<Idea> BEST_FIRST = Comparator.comparingInt((Idea idea) -> idea.notServed.size())
            .thenComparingInt(idea -> idea.plan.swaps().size())
            .thenComparingInt(idea -> -idea.sharedHeat.size() - idea.sharedBases.size())
            .thenComparingInt(idea -> idea.plan.notShown().size())
            .thenComparingInt(idea -> -idea.sharedItems.size());

    private Ideas() {}

    /**
     * A dish that might be cooked.
     *
     * @param dish the dish
     * @param items ingredients it brings
     * @param substitutions it brings
     */
    public record Candidate(Dish dish, List<Item> items, List<Substitution> substitutions) {

        /** Keeps its own copies. */
        public Candidate {
            items = List.copyOf(items);
            substitutions = List.copyOf(substitutions);
        }
    }

    /**
     * Dishes that go together.
     *
     * @param candidates which
     * @param plan of a class with them
     * @param sharedHeat oven temperatures that more than one of them uses, °C
     * @param sharedBases titles of components that are one recipe in more than one of them
     * @param sharedItems names of ingredients that more than one of them uses
     * @param notServed names of guests for whom some line cannot be made safe
     */
    public record Idea(
            List<Candidate> candidates,
            Plan plan,
            List<BigDecimal> sharedHeat,
            List<String> sharedBases,
            List<String> sharedItems,
            List<String> notServed) {}

    /**
     * The best sets of so many dishes.
     *
     * @param frame the class without its dishes
     * @param count how many dishes, 1 to 4
     */
    public static List<Idea> of(CookingClass frame, List<Candidate> all, int count, Catalogue builtIn) {
        List<List<Candidate>> sets = new ArrayList<>();
        choose(all, count, 0, new ArrayList<>(), sets);
        int hosts = (int) frame.people().stream()
                .filter(person -> person.role() == Role.HOST)
                .count();
        Comparator<List<Candidate>> mostShared = Comparator.comparingInt((List<Candidate> set) -> -shared(set))
                .thenComparingInt(set -> handsOnAir(frame, set));
        Stream<List<Candidate>> worthPlanning = sets.stream()
                .filter(set -> handsOnAir(frame, set) <= frame.airMinutes().seconds() * Math.max(1, hosts))
                .sorted(mostShared)
                .limit(MOST_PLANNED);
        Stream<Idea> fitting = worthPlanning
                .map(set -> idea(frame, set, builtIn))
                .filter(idea -> idea.plan.possible() && idea.plan.overrun() == 0);
        return fitting.sorted(BEST_FIRST).limit(MOST_TOLD).toList();
    }

    private static void choose(
            List<Candidate> all, int count, int from, List<Candidate> chosen, List<List<Candidate>> sets) {
        if (chosen.size() == count) {
            sets.add(List.copyOf(chosen));
            return;
        }
        for (int i = from; i < all.size(); i++) {
            chosen.add(all.get(i));
            choose(all, count, i + 1, chosen, sets);
            chosen.remove(chosen.size() - 1);
        }
    }

    /**
     * Seconds of hands work that has to be shown whatever is chosen, as long as it takes with everybody cooking along.
     */
    private static int handsOnAir(CookingClass frame, List<Candidate> set) {
        return set.stream()
                .flatMap(candidate -> candidate.dish.steps())
                .filter(step -> step.work() == Work.HANDS && step.show() == Show.MUST)
                .mapToInt(step -> frame.onAir(step).minutes().likely().seconds())
                .sum();
    }

    private static int shared(List<Candidate> set) {
        return 4 * bases(set).size() + 3 * heats(set).size() + items(set).size();
    }

    private static Set<BigDecimal> heats(List<Candidate> set) {
        return common(set.stream()
                .map(candidate -> candidate
                        .dish
                        .steps()
                        .map(Step::needs)
                        .flatMap(List::stream)
                        .map(Need::celsius)
                        .flatMap(celsius -> celsius.stream())
                        .collect(Collectors.toSet()))
                .toList());
    }

    private static Set<String> bases(List<Candidate> set) {
        Set<String> bases = new TreeSet<>();
        for (int i = 0; i < set.size(); i++) {
            for (Candidate other : set.subList(i + 1, set.size())) {
                set.get(i).dish.components().stream()
                        .filter(one -> other.dish.components().stream()
                                .anyMatch(two -> one.title().equals(two.title()) && Shared.alike(one, two)))
                        .map(Component::title)
                        .forEach(bases::add);
            }
        }
        return bases;
    }

    private static Set<String> items(List<Candidate> set) {
        return common(set.stream()
                .map(candidate -> candidate
                        .dish
                        .lines()
                        .filter(line -> line.from() == Source.KIT)
                        .map(IngredientLine::item)
                        .collect(Collectors.toSet()))
                .toList());
    }

    private static <T extends Comparable<T>> Set<T> common(List<Set<T>> sets) {
        Set<T> seen = new HashSet<>();
        Set<T> twice = new TreeSet<>();
        sets.forEach(set -> set.stream().filter(value -> !seen.add(value)).forEach(twice::add));
        return twice;
    }

    private static Idea idea(CookingClass frame, List<Candidate> set, Catalogue builtIn) {
        CookingClass cooking = with(frame, set);
        Plan plan = Planner.sketch(cooking, Wishes.NONE).plan();
        List<String> notServed =
                KitPacker.pack(cooking, builtIn, Batches.of(cooking, builtIn, Plan.impossible(List.of()))).stream()
                        .filter(Kit::refuses)
                        .map(Kit::attendee)
                        .map(attendee -> attendee.name())
                        .toList();
        Catalogue known = cooking.catalogue(builtIn);
        return new Idea(
                set,
                plan,
                List.copyOf(heats(set)),
                List.copyOf(bases(set)),
                items(set).stream().map(item -> known.get(item).name()).toList(),
                notServed);
    }

    /** The class with these dishes and what they bring. */
    public static CookingClass with(CookingClass frame, List<Candidate> set) {
        List<Item> items = new ArrayList<>(frame.items());
        List<Substitution> substitutions = new ArrayList<>(frame.substitutions());
        List<Dish> dishes = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Candidate candidate : set) {
            candidate.items.stream()
                    .filter(item -> items.stream().noneMatch(other -> other.id().equals(item.id())))
                    .forEach(items::add);
            candidate.substitutions.stream()
                    .filter(own -> !substitutions.contains(own))
                    .forEach(substitutions::add);
            Dish dish = candidate.dish;
            String id = Stream.iterate(1, n -> n + 1)
                    .map(n -> n == 1 ? dish.id() : dish.id() + "-" + n)
                    .filter(ids::add)
                    .findFirst()
                    .orElseThrow();
            dishes.add(dish.withId(id));
        }
        return frame.cooking(dishes, items, substitutions);
    }
}
