package hopsel.core.plan;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Menu;
import hopsel.core.classes.Provision;
import hopsel.core.classes.Slot;
import hopsel.core.classes.Style;
import hopsel.core.classes.Tempo;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Classes of a few steps, written as short as they can be: one dish, a component for each group of steps. */
public final class SmallClass {

    private final List<Person> people = new ArrayList<>(List.of(new Person("host", "Host", Role.HOST)));
    private final List<Resource> resources = new ArrayList<>();
    private final List<PrepWindow> windows = new ArrayList<>();
    private final Map<String, List<Step>> parts = new LinkedHashMap<>();
    private long air = 60;
    private Tempo tempo = Tempo.USUAL;

    public static SmallClass of(long airMinutes) {
        SmallClass small = new SmallClass();
        small.air = airMinutes;
        return small;
    }

    /** By the second edition of the rules. */
    public SmallClass held(Tempo other) {
        tempo = other.withEdition(Edition.SECOND);
        return this;
    }

    public SmallClass assistant() {
        people.add(new Person("assistant", "Assistant", Role.ASSISTANT));
        return this;
    }

    /** One more host. */
    public SmallClass host(String id) {
        people.add(new Person(id, id, Role.HOST));
        return this;
    }

    public SmallClass open(long from, long to) {
        windows.add(new PrepWindow(Minutes.of(from), Minutes.of(to)));
        return this;
    }

    public SmallClass place(String kind, int units, long rinse) {
        resources.add(new Resource(
                kind + "-" + (resources.size() + 1),
                kind,
                units,
                Minutes.of(rinse),
                Resource.USUAL_HEAT,
                Resource.USUAL_COOL,
                Optional.empty()));
        return this;
    }

    public SmallClass part(String id, Draft... steps) {
        parts.put(id, List.of(steps).stream().map(Draft::step).toList());
        return this;
    }

    public CookingClass build() {
        List<Component> components = parts.entrySet().stream()
                .map(part -> new Component(part.getKey(), part.getKey(), List.of(), part.getValue()))
                .toList();
        return new CookingClass(
                "Small",
                Style.DEMO,
                new Slot(LocalDateTime.of(2027, 3, 5, 18, 0), ZoneId.of("Europe/Lisbon"), Minutes.of(air)),
                new Kitchen(windows, people, resources, Room.UNKNOWN),
                new Menu(
                        Measures.METRIC,
                        List.of(),
                        List.of(new Dish("dish", "Dish", BigDecimal.ONE, components)),
                        List.of(),
                        List.of()),
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
                tempo);
    }

    /** A step under way. */
    public static Draft hands(String id, double minutes) {
        return new Draft(id, minutes, Work.HANDS);
    }

    public static Draft watch(String id, double minutes) {
        return new Draft(id, minutes, Work.WATCH);
    }

    public static Draft rest(String id, double minutes) {
        return new Draft(id, minutes, Work.REST);
    }

    /** Shown unless it says otherwise, after nothing, with no limits. */
    public static final class Draft {

        private final String title;
        private String id;
        private final Minutes minutes;
        private StepMinutes range;
        private final Work work;
        private final List<Need> needs = new ArrayList<>();
        private final List<After> after = new ArrayList<>();
        private Show show = Show.MUST;
        private Optional<Minutes> keeps = Optional.empty();
        private Optional<Minutes> swap = Optional.empty();
        private HandsOn handsOn = HandsOn.NONE;
        private Optional<Minutes> part = Optional.empty();
        private Optional<String> noise = Optional.empty();

        private Draft(String id, double minutes, Work work) {
            this.id = id;
            this.title = id;
            this.minutes = Minutes.of(BigDecimal.valueOf(minutes));
            this.range = StepMinutes.of(this.minutes);
            this.work = work;
        }

        /** At least and at most, as shares of what is likely. */
        public Draft range(double low, double high) {
            range = new StepMinutes(
                    Minutes.of(minutes.value().multiply(BigDecimal.valueOf(low))),
                    minutes,
                    Minutes.of(minutes.value().multiply(BigDecimal.valueOf(high))));
            return this;
        }

        /** Another id than its title. */
        public Draft id(String other) {
            id = other;
            return this;
        }

        public Draft after(String step) {
            after.add(After.of(step));
            return this;
        }

        public Draft after(String step, long wait, long within) {
            after.add(new After(step, Minutes.of(wait), Optional.of(Minutes.of(within))));
            return this;
        }

        public Draft show(Show other) {
            show = other;
            return this;
        }

        public Draft keeps(long most) {
            keeps = Optional.of(Minutes.of(most));
            return this;
        }

        /** Hands for so many minutes at its beginning and its end. */
        public Draft handsOn(double start, double end) {
            handsOn = new HandsOn(Minutes.of(BigDecimal.valueOf(start)), Minutes.of(BigDecimal.valueOf(end)));
            return this;
        }

        /** Can be shown in part, for so long. */
        public Draft part(long shown) {
            part = Optional.of(Minutes.of(shown));
            return this;
        }

        public Draft loud() {
            noise = Optional.of("loud");
            return this;
        }

        public Draft swap(long shown) {
            swap = Optional.of(Minutes.of(shown));
            return this;
        }

        public Draft in(String kind) {
            needs.add(new Need(kind, 1, Optional.empty(), BigDecimal.ZERO));
            return this;
        }

        public Draft oven(long celsius, long tolerance) {
            needs.add(new Need("oven", 1, Optional.of(BigDecimal.valueOf(celsius)), BigDecimal.valueOf(tolerance)));
            return this;
        }

        Step step() {
            return Step.of(id, title, range, work)
                    .withShow(show)
                    .withNeeds(needs)
                    .withAfter(after)
                    .withKeeps(keeps)
                    .withSwap(swap)
                    .withHandsOn(handsOn)
                    .withPart(part)
                    .withNoise(noise);
        }
    }
}
