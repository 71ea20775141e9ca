package hopsel.bench;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Menu;
import hopsel.core.classes.Provision;
import hopsel.core.classes.Slot;
import hopsel.core.classes.Style;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Made-up cases of three kinds: job shops, projects, and classes. The same seed gives the same case. */
final class Cases {

    private Cases() {}

    /** A case with its name. */
    record Case(String name, CookingClass cooking) {}

    static List<Case> all() {
        List<Case> cases = new ArrayList<>();
        int[][] shops = {{6, 6}, {8, 5}, {8, 8}, {10, 5}, {10, 10}, {12, 6}, {15, 5}, {15, 10}, {15, 15}};
        for (int[] size : shops) {
            for (int seed = 1; seed <= 2; seed++) {
                cases.add(new Case("shop-%dx%d-%d".formatted(size[0], size[1], seed), shop(size[0], size[1], seed)));
            }
        }
        for (int seed = 1; seed <= 8; seed++) {
            cases.add(new Case("project-" + seed, project(3 + seed / 2, seed)));
        }
        for (int seed = 1; seed <= 30; seed++) {
            cases.add(new Case("class-" + seed, cooking(1 + seed % 6, seed)));
        }
        for (int seed = 1; seed <= 14; seed++) {
            cases.add(new Case("tight-" + seed, shorter(cooking(2 + seed % 4, 200 + seed))));
        }
        for (int seed = 1; seed <= 24; seed++) {
            cases.add(new Case("held-" + seed, held(cooking(1 + seed % 6, 300 + seed), seed)));
        }
        for (int seed = 1; seed <= 12; seed++) {
            cases.add(new Case("held-tight-" + seed, held(shorter(cooking(2 + seed % 4, 400 + seed)), 50 + seed)));
        }
        for (int seed = 1; seed <= 10; seed++) {
            cases.add(new Case("large-" + seed, held(roomy(cooking(7 + seed, 500 + seed)), 100 + seed)));
        }
        for (int seed = 1; seed <= 8; seed++) {
            cases.add(new Case("wide-" + seed, roomy(cooking(7 + seed, 600 + seed))));
        }
        return cases;
    }

    /** The same by the second edition of the rules: hands at the ends, talk, turning, parts and worth. */
    private static CookingClass held(CookingClass cooking, long seed) {
        Random random = new Random(seed);
        List<Dish> dishes = cooking.dishes().stream()
                .map(dish -> dish.withComponents(dish.components().stream()
                        .map(part -> part.withSteps(part.steps().stream()
                                .map(step -> held(step, random))
                                .toList()))
                        .toList()))
                .toList();
        List<TalkPiece> talk = new ArrayList<>();
        talk.add(talk("welcome", 1 + random.nextInt(4), TalkPiece.Moment.OPENING));
        if (random.nextBoolean()) {
            talk.add(talk("questions", 2 + random.nextInt(4), TalkPiece.Moment.BETWEEN));
        }
        talk.add(talk("goodbye", 1 + random.nextInt(2), TalkPiece.Moment.CLOSING));
        Tempo tempo = new Tempo(
                Minutes.of(random.nextInt(3)), talk, 1 + random.nextInt(3), Optional.empty(), Edition.SECOND);
        List<Person> people = people(1 + random.nextInt(2), cooking.people().size() - 1);
        return cooking.withMenu(cooking.menu().withDishes(dishes))
                .withKitchen(cooking.kitchen().withPeople(people))
                .withTempo(tempo);
    }

    /** The same in a large kitchen that is open for long before, with things that keep, in less time on air. */
    private static CookingClass roomy(CookingClass cooking) {
        List<PrepWindow> windows = List.of(
                new PrepWindow(Minutes.of(-1560), Minutes.of(-1140)), new PrepWindow(Minutes.of(-420), Minutes.ZERO));
        List<Resource> resources = cooking.resources().stream()
                .map(place -> place.withUnits(place.kind().equals("fridge") ? 12 : place.units() + 3))
                .toList();
        return assemble(
                cooking.airMinutes().value().longValue() * 2 / 3,
                windows,
                people(2, 3),
                resources,
                cooking.dishes().stream()
                        .map(dish -> dish.withComponents(dish.components().stream()
                                .map(part -> part.withSteps(part.steps().stream()
                                        .map(step -> step.withKeeps(
                                                step.keeps().map(keeps ->
                                                        Minutes.of(keeps.value().multiply(BigDecimal.valueOf(6))))))
                                        .toList()))
                                .toList()))
                        .toList());
    }

    private static TalkPiece talk(String id, long minutes, TalkPiece.Moment at) {
        return new TalkPiece(id, Minutes.of(minutes), at, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Step held(Step step, Random random) {
        double likely = step.minutes().likely().value().doubleValue();
        Step held = step;
        if (step.work() != Work.HANDS && likely >= 2) {
            Minutes out = step.work() == Work.WATCH ? Minutes.of(random.nextInt(2)) : Minutes.ZERO;
            held = held.withHandsOn(new HandsOn(Minutes.of(random.nextInt(2)), out));
        } else if (step.work() == Work.HANDS && step.show() != Show.NEVER && likely >= 4 && random.nextBoolean()) {
            held = held.withPart(Optional.of(Minutes.of(1 + random.nextInt(2))));
        }
        if (step.work() == Work.HANDS && random.nextInt(6) == 0) {
            held = held.withNoise(Optional.of("loud"));
        }
        return step.show() == Show.MAY ? held.withWorth(random.nextInt(4)) : held;
    }

    /** The same in half the time, so that much has to be swapped out or hidden. */
    private static CookingClass shorter(CookingClass cooking) {
        return assemble(
                cooking.airMinutes().value().longValue() / 2,
                cooking.prepWindows(),
                cooking.people(),
                cooking.resources(),
                cooking.dishes());
    }

    static CookingClass shop(int jobs, int machines, long seed) {
        Random random = new Random(seed * 1000 + jobs * 20L + machines);
        List<Dish> dishes = IntStream.range(0, jobs)
                .mapToObj(job -> {
                    List<Integer> order =
                            new ArrayList<>(IntStream.range(0, machines).boxed().toList());
                    Collections.shuffle(order, random);
                    List<Step> steps = new ArrayList<>();
                    for (int machine : order) {
                        steps.add(Dishes.step(
                                "op" + steps.size(),
                                5 + random.nextInt(95),
                                Work.WATCH,
                                Show.MUST,
                                List.of(need("machine-" + letter(machine), 1)),
                                steps.isEmpty() ? List.of() : List.of(After.of("op" + (steps.size() - 1))),
                                Optional.empty(),
                                Optional.empty()));
                    }
                    return dish("job" + job, List.of(new Component("chain", "chain", List.of(), steps)));
                })
                .toList();
        List<Resource> resources = IntStream.range(0, machines)
                .mapToObj(m -> place("machine-" + letter(m), 1, 0))
                .toList();
        return assemble(5000, List.of(), people(1, 0), resources, dishes);
    }

    private static String letter(int number) {
        return String.valueOf((char) ('a' + number));
    }

    static CookingClass project(int dishes, long seed) {
        Random random = new Random(seed);
        String[] kinds = {"bench", "burner", "tray-rack"};
        int[] units = {5 + random.nextInt(3), 4 + random.nextInt(3), 3 + random.nextInt(3)};
        List<Dish> all = IntStream.range(0, dishes)
                .mapToObj(d -> {
                    List<Step> steps = new ArrayList<>();
                    for (int i = 0; i < 9; i++) {
                        List<After> after = new ArrayList<>();
                        for (int before = Math.max(0, i - 4); before < i; before++) {
                            if (random.nextInt(3) == 0) {
                                after.add(new After(
                                        "t" + before, Minutes.of(random.nextInt(4) == 0 ? 2 : 0), Optional.empty()));
                            }
                        }
                        List<Need> needs = new ArrayList<>();
                        for (int k = 0; k < kinds.length; k++) {
                            if (random.nextInt(2) == 0) {
                                needs.add(need(kinds[k], 1 + random.nextInt(units[k] - 1)));
                            }
                        }
                        steps.add(Dishes.step(
                                "t" + i,
                                (2 + random.nextInt(18)) / 2.0,
                                random.nextInt(3) == 0 ? Work.HANDS : Work.REST,
                                Show.MUST,
                                needs,
                                after,
                                Optional.empty(),
                                Optional.empty()));
                    }
                    return dish("project" + d, List.of(new Component("part", "part", List.of(), steps)));
                })
                .toList();
        return assemble(
                480,
                List.of(),
                people(2, 0),
                IntStream.range(0, 3)
                        .mapToObj(k -> place(kinds[k], units[k], 0))
                        .toList(),
                all);
    }

    static CookingClass cooking(int dishes, long seed) {
        Random random = new Random(seed);
        List<Dish> some = new ArrayList<>(Dishes.all());
        Collections.shuffle(some, random);
        List<PrepWindow> windows = new ArrayList<>();
        if (random.nextInt(4) > 0) {
            windows.add(new PrepWindow(Minutes.of(-1320 + 30L * random.nextInt(3)), Minutes.of(-1140)));
        }
        windows.add(new PrepWindow(Minutes.of(-120 - 30L * random.nextInt(4)), Minutes.of(-5L * random.nextInt(4))));
        List<Resource> resources = List.of(
                place("oven", 1 + random.nextInt(3), 0),
                place("burner", 2 + random.nextInt(3), 0),
                place("blender", 1, 3),
                place("food-processor", 1, 4),
                place("fridge", 6, 0));
        return assemble(
                20 + 18L * dishes + random.nextInt(15 * dishes),
                windows,
                people(1, random.nextInt(3) > 0 ? 1 : 0),
                resources,
                IntStream.range(0, dishes)
                        .mapToObj(i -> i < some.size() ? some.get(i) : again(some.get(i - some.size())))
                        .toList());
    }

    private static Dish again(Dish dish) {
        return dish.withId(dish.id() + "-again").withTitle(dish.title() + ", again");
    }

    private static CookingClass assemble(
            long air, List<PrepWindow> windows, List<Person> people, List<Resource> resources, List<Dish> dishes) {
        return new CookingClass(
                "Case",
                Style.DEMO,
                new Slot(LocalDateTime.of(2027, 3, 5, 18, 0), ZoneId.of("Europe/Lisbon"), Minutes.of(air)),
                new Kitchen(windows, people, resources, Room.UNKNOWN),
                new Menu(Measures.METRIC, List.of(), dishes, List.of(), List.of()),
                List.of(),
                new Provision(
                        BigDecimal.ONE,
                        BigDecimal.ZERO,
                        BigDecimal.ZERO,
                        BigDecimal.ZERO,
                        List.of(),
                        false,
                        Optional.empty(),
                        Optional.empty()),
                Tempo.USUAL);
    }

    private static Dish dish(String id, List<Component> components) {
        return new Dish(id, id, BigDecimal.ONE, components);
    }

    private static List<Person> people(int hosts, int assistants) {
        List<Person> people = new ArrayList<>();
        IntStream.rangeClosed(1, hosts).forEach(i -> people.add(new Person("host-" + i, "Host " + i, Role.HOST)));
        IntStream.rangeClosed(1, assistants)
                .forEach(i -> people.add(new Person("assistant-" + i, "Assistant " + i, Role.ASSISTANT)));
        return people;
    }

    private static Resource place(String kind, int units, long rinse) {
        return new Resource(
                kind + "-1",
                kind,
                units,
                Minutes.of(rinse),
                Resource.USUAL_HEAT,
                Resource.USUAL_COOL,
                Optional.empty());
    }

    private static Need need(String kind, int units) {
        return new Need(kind, units, Optional.empty(), BigDecimal.ZERO);
    }
}
