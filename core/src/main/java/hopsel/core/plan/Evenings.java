package hopsel.core.plan;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Problem.Task;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * A class held many times, as the contract says of {@code sure}: each activity lasts as drawn from the triangular
 * distribution of its low, likely and high minutes; everybody keeps the order of the run sheet for each person and
 * place; an activity begins as soon as all that it waits for is done, but what lies before the class, keeps only so
 * long, or is talk, not before its planned time; what nobody is free to take out goes on until somebody is.
 */
public final class Evenings {

    /** Nothing held it up. */
    public static final int NOTHING = -1;

    private final Problem problem;
    private final Plan plan;
    private final List<Course> courses = new ArrayList<>();
    private final List<Event> events = new ArrayList<>();
    private final List<Pace.Talk> talk;
    private final Map<String, Integer> people = new HashMap<>();

    /** One activity, and what it waits for. */
    private static final class Course {
        private final Activity activity;
        private final Task task;
        private double low;
        private double likely;
        private double high;
        private int floor;
        private final List<int[]> waits = new ArrayList<>();
        private int[] places = {};
        /** Whose hands it begins with; {@link #NOTHING} where nobody's. */
        private int person = NOTHING;
        /** For each place, what it does not go together with there: its number, and the seconds between them. */
        private final List<List<int[]>> apart = new ArrayList<>();

        private boolean last;

        Course(Activity activity, Task task) {
            this.activity = activity;
            this.task = task;
        }
    }

    private enum Sort {
        START,
        END,
        TALK
    }

    private record Event(int moment, int order, int number, Sort sort) {}

    /** @param plan by the second edition of the rules, and possible */
    public Evenings(CookingClass cooking, Plan plan) {
        this.problem = new Problem(cooking);
        this.plan = plan;
        this.talk = plan.pace().map(Pace::talk).orElse(List.of());
        cooking.people().forEach(person -> people.put(person.id(), people.size()));
        Map<String, Integer> numbers = new HashMap<>();
        for (Activity activity : plan.activities()) {
            numbers.put(activity.step() + " " + activity.copy(), courses.size());
            courses.add(new Course(activity, problem.task(activity.step())));
        }
        Set<StepRef> shown = new HashSet<>();
        courses.stream().filter(course -> course.activity.shown()).forEach(course -> shown.add(course.activity.step()));
        for (Course course : courses) {
            lengths(course, numbers);
            waits(course, numbers, shown);
            course.places = course.activity.placements().stream()
                    .mapToInt(placement -> machine(placement.resource()))
                    .toArray();
            course.person = begins(course.activity);
            course.last = isLast(course);
        }
        courses.forEach(this::keepApart);
        addEvents();
    }

    private int begins(Activity activity) {
        return activity.person()
                .or(() -> activity.hands().stream()
                        .filter(hands -> hands.part() != HandsPart.END)
                        .map(Activity.Hands::person)
                        .findFirst())
                .map(id -> Known.in(people, id))
                .orElse(NOTHING);
    }

    private void keepApart(Course course) {
        for (int need = 0; need < course.places.length; need++) {
            List<int[]> others = new ArrayList<>();
            for (int other = 0; other < courses.size(); other++) {
                int gap = gap(courses.get(other), course, need);
                if (courses.get(other) != course && gap != Machine.NO_GAP) {
                    others.add(new int[] {other, gap});
                }
            }
            course.apart.add(others);
        }
    }

    /** Seconds between two uses of a place that do not go together; {@link Machine#NO_GAP} where they do. */
    private int gap(Course before, Course then, int need) {
        int place = then.places[need];
        Machine machine = problem.machines.get(place);
        int longest = Machine.NO_GAP;
        for (int other = 0; other < before.places.length; other++) {
            if (before.places[other] == place) {
                int gap = machine.heatGap(
                        before.task.requirements().get(other).heat(),
                        then.task.requirements().get(need).heat());
                boolean rinsed = gap == Machine.NO_GAP
                        && machine.rinse() > 0
                        && !before.task.component().equals(then.task.component());
                longest = Math.max(longest, rinsed ? machine.rinse() : gap);
            }
        }
        return longest;
    }

    private int machine(String id) {
        return IntStream.range(0, problem.machines.size())
                .filter(m -> problem.machines.get(m).id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void lengths(Course course, Map<String, Integer> numbers) {
        Activity activity = course.activity;
        StepMinutes minutes = course.task.step().minutes();
        int planned = activity.duration();
        boolean brief = activity.copy().isMain() && plan.swaps().contains(activity.step());
        double scale = numbers.containsKey(activity.step() + " " + Copy.PART)
                        && activity.copy().once()
                ? planned / (double) Math.max(1, minutes.likely().seconds())
                : 1;
        course.low = brief ? planned : minutes.low().seconds() * scale;
        course.likely = brief ? planned : minutes.likely().seconds() * scale;
        course.high = brief ? planned : minutes.high().seconds() * scale;
        boolean timed = activity.start() < 0 || (course.task.keeps() != Task.NONE && !brief);
        course.floor = timed ? activity.start() : 0;
    }

    private void waits(Course course, Map<String, Integer> numbers, Set<StepRef> shown) {
        Copy copy = course.activity.copy();
        for (Task.Wait wait : course.task.waits()) {
            StepRef before = problem.tasks.get(wait.before()).ref();
            boolean swapped = plan.swaps().contains(before);
            int main = Known.in(numbers, before + " " + Copy.MAIN);
            if (copy.once()) {
                if (copy.isMain() || !swapped) {
                    course.waits.add(new int[] {main, swapped ? 0 : wait.least()});
                }
                add(course, numbers.get(before + " " + Copy.PART), wait);
                add(course, swapped ? numbers.get(before + " " + Copy.swap(before)) : null, wait);
            } else {
                Integer own = numbers.get(before + " " + copy);
                add(course, own == null && !shown.contains(before) ? Integer.valueOf(main) : own, wait);
            }
            if (copy.isMain() && !shown.contains(course.activity.step())) {
                plan.swaps().stream()
                        .filter(swap -> Arrays.stream(problem.task(swap).before())
                                .anyMatch(task -> task == course.task.number()))
                        .forEach(swap -> add(course, numbers.get(before + " " + Copy.swap(swap)), wait));
            }
        }
    }

    private static void add(Course course, @Nullable Integer before, Task.Wait wait) {
        if (before != null) {
            course.waits.add(new int[] {before, wait.least()});
        }
    }

    /** Whether the class is not over before it is. */
    private boolean isLast(Course course) {
        Activity activity = course.activity;
        if (activity.shown()) {
            return true;
        }
        boolean swapped = plan.swaps().contains(activity.step());
        return course.task.isFinal()
                && (swapped
                        ? activity.copy().equals(Copy.swap(activity.step()))
                        : activity.copy().once());
    }

    private void addEvents() {
        for (int i = 0; i < courses.size(); i++) {
            Activity activity = courses.get(i).activity;
            events.add(new Event(activity.start(), 1, i, Sort.START));
            events.add(new Event(activity.end(), activity.duration() > 0 ? 0 : 2, i, Sort.END));
        }
        for (int i = 0; i < talk.size(); i++) {
            events.add(new Event(talk.get(i).start(), 1, i, Sort.TALK));
        }
        events.sort(Comparator.comparingInt(Event::moment)
                .thenComparingInt(Event::order)
                .thenComparing(event -> event.sort() == Sort.TALK)
                .thenComparingInt(Event::number));
    }

    /** Holds the class so many times; the seconds at which it ended, sorted. The same seed gives the same evenings. */
    public double[] ends(int times, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] ends = new double[times];
        for (int run = 0; run < times; run++) {
            ends[run] = hold(random).end;
        }
        Arrays.sort(ends);
        return ends;
    }

    /** The share of sorted ends that lie within a slot of so many seconds. */
    public static double share(double[] ends, int slot) {
        int within = Arrays.binarySearch(ends, slot + 1.0);
        int count = within < 0 ? -within - 1 : within + 1;
        return count / (double) ends.length;
    }

    /** One evening. */
    public Evening hold(SplittableRandom random) {
        return hold(random, NOTHING, 0);
    }

    /** One evening on which an activity takes so many seconds less, but not less than none. */
    public Evening hold(SplittableRandom random, int relieved, int seconds) {
        return new Evening(random, relieved, seconds).play();
    }

    /** How one evening went. */
    public final class Evening {

        private final SplittableRandom random;
        private final double[] starts = new double[courses.size()];
        private final double[] ends = new double[courses.size()];
        private final boolean[] ended = new boolean[courses.size()];
        private final double[] lasts = new double[courses.size()];
        private final int[] cause = new int[courses.size()];
        private final double[] free = new double[people.size()];
        private final int[] busyWith = new int[people.size()];
        private final int[] lastHands = new int[people.size()];
        private final Map<Integer, List<int[]>> placed = new HashMap<>();
        private double said;
        private double end;
        private int lastDone = NOTHING;

        private final int relieved;
        private final int relief;

        private Evening(SplittableRandom random, int relieved, int relief) {
            this.random = random;
            this.relieved = relieved;
            this.relief = relief;
            Arrays.fill(free, Double.NEGATIVE_INFINITY);
            Arrays.fill(busyWith, NOTHING);
            Arrays.fill(lastHands, NOTHING);
            Arrays.fill(cause, NOTHING);
        }

        private Evening play() {
            for (Event event : events) {
                switch (event.sort()) {
                    case START -> begin(event.number());
                    case END -> leave(event.number());
                    case TALK -> talk(talk.get(event.number()));
                }
            }
            end = Math.max(0, said);
            for (int i = 0; i < courses.size(); i++) {
                if (courses.get(i).last && ends[i] >= end) {
                    end = ends[i];
                    lastDone = i;
                }
            }
            return this;
        }

        private void talk(Pace.Talk piece) {
            int person = Known.in(people, piece.person());
            double at = Math.max(piece.start(), free[person]);
            boolean closing = problem.cooking.tempo().talk().stream()
                    .anyMatch(one -> one.id().equals(piece.id()) && one.at() == TalkPiece.Moment.CLOSING);
            for (int i = 0; closing && i < courses.size(); i++) {
                if (ended[i] && courses.get(i).activity.shown()) {
                    at = Math.max(at, ends[i]);
                }
            }
            free[person] = at + piece.end() - piece.start();
            said = Math.max(said, free[person]);
        }

        private void begin(int i) {
            Course course = courses.get(i);
            Activity activity = course.activity;
            double at = course.floor;
            for (int[] wait : course.waits) {
                if (ended[wait[0]]) {
                    at = later(i, at, ends[wait[0]] + wait[1], wait[0]);
                }
            }
            int person = course.person;
            if (person != NOTHING) {
                at = later(i, at, free[person], busyWith[person]);
                at = turned(i, at, person);
            }
            at = roomFor(i, at);
            starts[i] = at;
            lasts[i] = i == relieved ? Math.max(0, draw(course) - relief) : draw(course);
            if (activity.person().isPresent()) {
                finish(i, at + lasts[i]);
                free[person] = ends[i];
                busyWith[person] = i;
                lastHands[person] = i;
            } else if (person != NOTHING) {
                Activity.Hands first = activity.hands().get(0);
                free[person] = at + (first.part() == HandsPart.SHOW ? lasts[i] : first.end() - first.start());
                busyWith[person] = i;
            }
        }

        private double turned(int i, double at, int person) {
            int before = lastHands[person];
            boolean turns = before != NOTHING
                    && courses.get(i).activity.person().isPresent()
                    && !courses.get(before)
                            .activity
                            .step()
                            .dish()
                            .equals(courses.get(i).activity.step().dish());
            return turns
                    ? later(i, at, ends[before] + problem.cooking.tempo().turn().seconds(), before)
                    : at;
        }

        private double later(int i, double at, double than, int because) {
            if (than > at) {
                cause[i] = because;
                return than;
            }
            return at;
        }

        /** After what it does not go together with on its places, and once there is room. */
        private double roomFor(int i, double from) {
            double at = from;
            Course course = courses.get(i);
            for (int need = 0; need < course.places.length; need++) {
                for (int[] before : course.apart.get(need)) {
                    if (ended[before[0]]) {
                        at = later(i, at, ends[before[0]] + before[1], before[0]);
                    }
                }
                List<int[]> others = placed.computeIfAbsent(course.places[need], any -> new ArrayList<>());
                int units = course.activity.placements().get(need).units();
                int capacity = problem.machines.get(course.places[need]).capacity();
                at = whenThereIsRoom(i, at, others, capacity - units);
                others.add(new int[] {i, units});
            }
            return at;
        }

        private double whenThereIsRoom(int i, double from, List<int[]> others, int room) {
            double at = from;
            while (true) {
                int used = 0;
                int next = NOTHING;
                for (int[] other : others) {
                    if (starts[other[0]] <= at && (!ended[other[0]] || ends[other[0]] > at)) {
                        used += other[1];
                    }
                    boolean later = ended[other[0]] && ends[other[0]] > at;
                    next = later && (next == NOTHING || ends[other[0]] < ends[next]) ? other[0] : next;
                }
                if (used <= room || next == NOTHING) {
                    return at;
                }
                at = later(i, at, ends[next], next);
            }
        }

        private double draw(Course course) {
            double chance = random.nextDouble();
            double span = course.high - course.low;
            if (span <= 0) {
                return course.likely;
            }
            double peak = (course.likely - course.low) / span;
            return chance < peak
                    ? course.low + Math.sqrt(chance * span * (course.likely - course.low))
                    : course.high - Math.sqrt((1 - chance) * span * (course.high - course.likely));
        }

        private void leave(int i) {
            if (ended[i]) {
                return;
            }
            double at = starts[i] + lasts[i];
            for (Activity.Hands hands : courses.get(i).activity.hands()) {
                if (hands.part() == HandsPart.END) {
                    int person = Known.in(people, hands.person());
                    int size = hands.end() - hands.start();
                    at = Math.max(at, free[person] + size);
                    free[person] = at;
                    busyWith[person] = i;
                }
            }
            finish(i, at);
        }

        private void finish(int i, double at) {
            ends[i] = at;
            ended[i] = true;
        }

        /** Seconds at which the class was over. */
        public double end() {
            return end;
        }

        /** Seconds at which an activity began, by its number in the plan. */
        public double start(int activity) {
            return starts[activity];
        }

        /** Seconds at which an activity was over. */
        public double end(int activity) {
            return ends[activity];
        }

        /** The activity that was done last; {@link Evenings#NOTHING} where the last word was said after it. */
        public int last() {
            return lastDone;
        }

        /** Whether what comes after an activity began later than its result keeps. */
        public boolean waitedTooLong(int activity) {
            int keeps = courses.get(activity).task.keeps();
            if (keeps == Task.NONE) {
                return false;
            }
            for (int then = 0; then < courses.size(); then++) {
                for (int[] wait : courses.get(then).waits) {
                    if (wait[0] == activity && starts[then] - ends[activity] > keeps + 1) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** The activity that held another up; {@link Evenings#NOTHING} where nothing did. */
        public int cause(int activity) {
            return cause[activity];
        }
    }
}
