package hopsel.core.mise;

import hopsel.core.Known;
import hopsel.core.caution.CautionFinder;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.food.Heat;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where everything that waits stands, for how long it may, when it must be cold and when it comes out; the time between
 * 5 °C and 60 °C is added up along its whole way.
 *
 * <p>The limits are usual guidance, not law; see the cautions. Time in an oven, on a ring or in a fridge is not
 * counted. What waits long and is perishable is planned into the fridge; its cooling has limits of its own.
 *
 * @param stays in the order in which they begin
 */
public record Holding(List<Stay> stays) {

    /** Seconds between 5 °C and 60 °C after which something is used or chilled. */
    public static final int USE_OR_CHILL = 2 * 3600;
    /** Seconds between 5 °C and 60 °C after which it is thrown away. */
    public static final int DISCARD = 4 * 3600;
    /** Seconds in which something hot comes to 21 °C. */
    public static final int TO_21 = 2 * 3600;
    /** Seconds after that in which it comes to 5 °C. */
    public static final int TO_5 = 4 * 3600;
    /** Seconds after which cooked rice has to be cold, where the venue follows that rule. */
    public static final int RICE_COLD = 3600;
    /** Seconds that cooked rice is kept. */
    public static final int RICE_KEEPS = 24 * 3600;
    /** Seconds that other cooked food is kept in the fridge. */
    public static final int COOKED_KEEPS = 3 * 24 * 3600;
    /**
     * Seconds up to which something perishable may as well stay on the counter; from there it is put into the fridge.
     */
    private static final int WORTH_CHILLING = 3600;

    /** Times that something cooked is chilled and heated again. */
    public static final int MOST_REHEATS = 1;

    private static final int SHORT = 10 * 60;

    /** Where something waits. */
    public enum Where {
        COUNTER,
        FRIDGE
    }

    /** A limit that is broken. */
    public enum Breach {
        USE_OR_CHILL,
        DISCARD,
        RICE,
        COOKED_LONG_AGO,
        REHEATED_TWICE
    }

    /**
     * Something that waits.
     *
     * @param activity that made it
     * @param then the last that it waits for; null where it waits for the end of the class
     * @param from seconds relative to going on air
     * @param until likewise; then it has to come out
     * @param where it stands
     * @param hot whether it is hot when it is put there
     * @param perishable whether warmth spoils it
     * @param warm seconds between 5 °C and 60 °C on its way so far, this wait included
     * @param cold seconds relative to going on air by which it has to be at 5 °C; empty where it need not be
     * @param reheated whether it is heated again afterwards, which then goes to 75 °C in the middle
     * @param keeps seconds that the cook says it keeps; empty: not said
     * @param allergens of all that went in
     * @param age seconds since something in it was first cooked, up to the end of the wait; 0: never, or frozen
     * @param breaches limits that are broken
     */
    public record Stay(
            Activity activity,
            @Nullable Activity then,
            int from,
            int until,
            Where where,
            boolean hot,
            boolean perishable,
            int warm,
            Optional<Integer> cold,
            boolean reheated,
            Optional<Integer> keeps,
            List<Allergen> allergens,
            int age,
            List<Breach> breaches) {

        /** How long it waits. */
        public int seconds() {
            return until - from;
        }

        /** By when something hot has to be at 21 °C. */
        public int lukewarm() {
            return from + TO_21;
        }
    }

    /** Keeps its own copy. */
    public Holding {
        stays = List.copyOf(stays);
    }

    /** Everything that waits ten minutes or more, or breaks a limit, in a plan that is possible. */
    public static Holding of(CookingClass cooking, Plan plan, Catalogue catalogue) {
        return new Follow(cooking, plan, catalogue).holding();
    }

    /** Whether any limit is broken. */
    public boolean broken() {
        return stays.stream().anyMatch(stay -> !stay.breaches.isEmpty());
    }

    private static final class Follow {

        private final CookingClass cooking;
        private final Plan plan;
        private final Catalogue catalogue;
        private final Map<Activity, Integer> warm = new HashMap<>();
        private final Map<Activity, List<Activity>> before = new HashMap<>();
        private final Map<Activity, List<Activity>> after = new HashMap<>();

        Follow(CookingClass cooking, Plan plan, Catalogue catalogue) {
            this.cooking = cooking;
            this.plan = plan;
            this.catalogue = catalogue;
            plan.activities().forEach(activity -> {
                before.put(activity, new ArrayList<>());
                after.put(activity, new ArrayList<>());
            });
            plan.activities().forEach(this::link);
        }

        /** Inside its copy, from what all copies share, or out of the copy at the step that was swapped. */
        private void link(Activity then) {
            for (After wait : cooking.step(then.step()).after()) {
                StepRef ref = cooking.made(new StepRef(then.step().dish(), wait.step()));
                boolean swapped = then.copy().once() && plan.swaps().contains(ref);
                Copy wanted = swapped ? Copy.swap(ref) : then.copy();
                find(ref, wanted).or(() -> find(ref, Copy.MAIN)).ifPresent(first -> {
                    link(first, then);
                    if (first.copy().isMain()) {
                        find(ref, Copy.PART).ifPresent(rest -> link(rest, then));
                    }
                });
            }
        }

        private void link(Activity first, Activity then) {
            Known.in(before, then).add(first);
            Known.in(after, first).add(then);
        }

        private Optional<Activity> find(StepRef ref, Copy copy) {
            return plan.activities().stream()
                    .filter(activity ->
                            activity.step().equals(ref) && activity.copy().equals(copy))
                    .findFirst();
        }

        Holding holding() {
            List<Stay> stays = new ArrayList<>();
            plan.activities().stream()
                    .filter(this::kept)
                    .map(this::stay)
                    .filter(stay -> stay.seconds() >= SHORT || !stay.breaches().isEmpty())
                    .forEach(stays::add);
            stays.sort(Comparator.comparingInt(Stay::from));
            return new Holding(stays);
        }

        /** What is only shown raw and swapped out is put by afterwards. */
        private boolean kept(Activity activity) {
            return !(activity.copy().isMain() && plan.swaps().contains(activity.step()));
        }

        private Stay stay(Activity activity) {
            Optional<Activity> then = Known.in(after, activity).stream().max(Comparator.comparingInt(Activity::start));
            int until = Math.max(activity.end(), then.map(Activity::start).orElse(plan.airEnd()));
            int wait = until - activity.end();
            boolean hot = heated(activity);
            boolean perishable = perishable(activity);
            Where where = perishable && wait > WORTH_CHILLING || cold(activity) ? Where.FRIDGE : Where.COUNTER;
            int soFar = warm(activity) + (perishable && where == Where.COUNTER ? wait : 0);
            Set<Activity> way = new HashSet<>();
            Set<Item> items = upstream(activity, way);
            boolean rice = way.stream().anyMatch(this::heated) && items.stream().anyMatch(item -> item.has(Trait.RICE));
            int age = way.stream().anyMatch(this::frozen)
                    ? 0
                    : until
                            - way.stream()
                                    .filter(this::heated)
                                    .mapToInt(Activity::end)
                                    .min()
                                    .orElse(until);
            int within = rice ? RICE_COLD : TO_21 + TO_5;
            Optional<Integer> cold = where == Where.FRIDGE && hot
                    ? Optional.of(Math.min(until, activity.end() + within))
                    : Optional.empty();
            return new Stay(
                    activity,
                    then.orElse(null),
                    activity.end(),
                    until,
                    where,
                    hot,
                    perishable,
                    soFar,
                    cold,
                    then.filter(this::heated).isPresent(),
                    cooking.step(activity.step()).keeps().map(keeps -> keeps.seconds()),
                    CautionFinder.allergens(List.copyOf(upstream(activity, new HashSet<>()))),
                    age,
                    breaches(perishable, soFar, age, rice, reheated(activity)));
        }

        /** How often it will have been heated again once every activity that waits for it has begun. */
        private int reheated(Activity activity) {
            int next = Known.in(after, activity).stream().anyMatch(then -> heatsAgain(activity, then)) ? 1 : 0;
            return reheats(activity) + next;
        }

        /** The age counts from the first time it was cooked, whatever was done to it since. */
        private static List<Breach> breaches(boolean perishable, int warm, int age, boolean rice, int reheated) {
            List<Breach> breaches = new ArrayList<>();
            if (reheated > MOST_REHEATS) {
                breaches.add(Breach.REHEATED_TWICE);
            }
            if (perishable && warm > DISCARD) {
                breaches.add(Breach.DISCARD);
            } else if (perishable && warm > USE_OR_CHILL) {
                breaches.add(Breach.USE_OR_CHILL);
            }
            if (rice && age > RICE_KEEPS) {
                breaches.add(Breach.RICE);
            } else if (perishable && age > COOKED_KEEPS) {
                breaches.add(Breach.COOKED_LONG_AGO);
            }
            return breaches;
        }

        /**
         * Seconds in the warm up to the end of an activity: its own, where it is neither heated nor chilled, and the
         * longest way to it.
         */
        private int warm(Activity activity) {
            Integer known = warm.get(activity);
            if (known != null) {
                return known;
            }
            int most = 0;
            for (Activity first : Known.in(before, activity)) {
                int wait = Math.max(0, activity.start() - first.end());
                boolean chilled = perishable(first) && wait > WORTH_CHILLING || cold(first);
                most = Math.max(most, warm(first) + (perishable(first) && !chilled ? wait : 0));
            }
            int own = heated(activity) || cold(activity) || !perishable(activity) ? 0 : activity.duration();
            warm.put(activity, most + own);
            return most + own;
        }

        /** How often what an activity makes was cooked, chilled and heated again, on the longest way to it. */
        private int reheats(Activity activity) {
            int most = 0;
            for (Activity first : Known.in(before, activity)) {
                most = Math.max(most, reheats(first) + (heatsAgain(first, activity) ? 1 : 0));
            }
            return most;
        }

        /** What was cooked and then stood in the fridge comes onto the heat again. */
        private boolean heatsAgain(Activity first, Activity then) {
            Set<Activity> way = new HashSet<>();
            upstream(first, way);
            boolean stood = Heat.cools(step(first)) || then.start() - first.end() > WORTH_CHILLING;
            return heated(then) && stood && perishable(first) && way.stream().anyMatch(this::heated);
        }

        private Step step(Activity activity) {
            return cooking.step(activity.step());
        }

        private boolean heated(Activity activity) {
            return Heat.heats(step(activity));
        }

        private boolean cold(Activity activity) {
            return Heat.cools(step(activity));
        }

        private boolean frozen(Activity activity) {
            return Heat.freezes(step(activity));
        }

        private boolean perishable(Activity activity) {
            Set<Activity> way = new HashSet<>();
            Set<Item> items = upstream(activity, way);
            return items.stream().anyMatch(item -> item.storage()
                            .filter(storage -> storage != Storage.AMBIENT)
                            .isPresent())
                    || way.stream().anyMatch(this::heated) && items.stream().anyMatch(item -> spoilsCooked(item));
        }

        /** Flour, nuts and sugar do not spoil in an afternoon for having been warmed; what swells in water does. */
        private static boolean spoilsCooked(Item item) {
            boolean dry =
                    item.has(Trait.DRY) && !item.has(Trait.STARCHY) && !item.has(Trait.PULSE) && !item.has(Trait.DRIED);
            return !dry && !item.has(Trait.SPICE) && !item.has(Trait.LASTING) && !item.falls(HouseRule.OIL);
        }

        private Set<Item> upstream(Activity activity, Set<Activity> way) {
            Set<Item> items = new HashSet<>();
            List<Activity> open = new ArrayList<>(List.of(activity));
            while (!open.isEmpty()) {
                Activity next = open.remove(open.size() - 1);
                if (way.add(next)) {
                    Dish dish = cooking.dish(next.step().dish());
                    Step step = cooking.step(next.step());
                    step.uses().stream()
                            .map(use -> dish.line(use.ingredient()))
                            .map(IngredientLine::item)
                            .map(catalogue::get)
                            .forEach(items::add);
                    open.addAll(before.get(next));
                }
            }
            return items;
        }
    }
}
