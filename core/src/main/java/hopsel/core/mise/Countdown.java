package hopsel.core.mise;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Storage;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.Said;
import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything to do before the class, from days before to the last ten minutes, each with its moment, who does it and
 * why then.
 */
public final class Countdown {

    private static final int MINUTE = 60;
    private static final int HOUR = 60 * MINUTE;
    private static final int DAY = 24 * HOUR;
    /** Days before the class on which everything is bought that keeps; what does not is bought the day before. */
    private static final int SHOP_DAYS = 3;
    /** The same in seconds. */
    static final int SHOP_SECONDS = SHOP_DAYS * DAY;
    /** Hours that fresh things are bought before they are first used, where that is earlier than the day before. */
    private static final int FRESH_BEFORE = 3 * HOUR;
    /** Hours that something frozen takes to thaw in the fridge. Kitchen practice for portions up to a kilo. */
    private static final int THAW_HOURS = 16;

    private static final BigDecimal ROOM_HEAT = BigDecimal.valueOf(20);
    private static final int KETTLE = 12 * MINUTE;
    private static final int MORNING = 8;
    private static final int NIGHT = 22;
    private static final LocalTime EVENING = LocalTime.of(20, 0);

    private Countdown() {}

    /** What kind of thing there is to do. */
    public enum Errand {
        ORDER,
        SHOP,
        SHOP_FRESH,
        /** What is fresh in kits that go out by post. */
        SHOP_FRESH_KITS,
        /** Kits that go out by post are packed and handed over. */
        POST_KITS,
        CHECK_LABELS,
        THAW,
        TEST,
        PREP,
        STEP,
        HEAT,
        WATER,
        TRAYS,
        BLENDER,
        SWAP_OUTS,
        HEATPROOF,
        SOUND,
        ALLERGENS,
        TAKE_OUT
    }

    /**
     * Something to do.
     *
     * @param key stays the same when the class is planned again, so that a tick stays with it
     * @param kind what kind
     * @param moment seconds relative to going on air by which it has to be begun
     * @param person who does it; empty: whoever is free
     * @param what what it is about: a step, items, a place, what is tested
     * @param why figures and names for the reason
     */
    public record Task(String key, Errand kind, int moment, Optional<String> person, String what, List<String> why) {

        /** Keeps its own copy. */
        public Task {
            why = List.copyOf(why);
        }
    }

    /**
     * The kits of a class, as far as they are work beforehand.
     *
     * @param count how many
     * @param items ids of all that is in any
     */
    public record Kits(int count, Set<String> items) {

        /** Keeps its own copy. */
        public Kits {
            items = Set.copyOf(items);
        }
    }

    /**
     * The countdown of a plan that is possible, the earliest first.
     *
     * @param leadDays days that a shop takes to send an item, by id
     */
    public static List<Task> of(
            CookingClass cooking,
            Plan plan,
            Catalogue catalogue,
            List<Purchase> shopping,
            PrepList prep,
            ToolCheck tools,
            Holding holding,
            Map<String, Integer> leadDays,
            Kits kits) {
        Builder builder = new Builder(cooking, plan, catalogue, kits);
        builder.shopping(shopping, leadDays);
        builder.posting();
        builder.tools(tools);
        builder.prep(prep);
        builder.steps();
        builder.heat();
        builder.out(holding);
        builder.lastMinutes();
        builder.tasks.sort(
                Comparator.comparingInt(Task::moment).thenComparing(Task::kind).thenComparing(Task::key));
        return List.copyOf(builder.tasks);
    }

    private static final class Builder {

        private final CookingClass cooking;
        private final Plan plan;
        private final Catalogue catalogue;
        private final List<Task> tasks = new ArrayList<>();
        private final Optional<String> helper;
        private final Kits kits;
        /** Days before the class on which kits go out by post; 0: they do not. */
        private final int handedDays;

        Builder(CookingClass cooking, Plan plan, Catalogue catalogue, Kits kits) {
            this.kits = kits;
            this.handedDays = kits.count == 0
                    ? 0
                    : cooking.provision()
                            .posting()
                            .map(posting ->
                                    posting.daysBefore(cooking.startsAt().toLocalDate()))
                            .orElse(0);
            this.cooking = cooking;
            this.plan = plan;
            this.catalogue = catalogue;
            this.helper = cooking.people().stream()
                    .filter(person -> person.role() == Role.ASSISTANT)
                    .map(person -> person.id())
                    .findFirst()
                    .or(() ->
                            cooking.people().stream().map(person -> person.id()).findFirst());
        }

        private void add(String key, Errand kind, int moment, Optional<String> person, String what, String... why) {
            tasks.add(new Task(key, kind, moment, person, what, List.of(why)));
        }

        private void shopping(List<Purchase> shopping, Map<String, Integer> leadDays) {
            List<Purchase> bought = shopping.stream()
                    .filter(purchase -> purchase.buyGrams().signum() > 0)
                    .toList();
            bought.stream()
                    .filter(purchase -> leadDays.getOrDefault(purchase.item(), 0) > 0)
                    .forEach(purchase -> {
                        int days = Known.in(leadDays, purchase.item());
                        add(
                                "order:" + purchase.item(),
                                Errand.ORDER,
                                -(days + 1) * DAY - earlier(purchase.item()),
                                helper,
                                catalogue.get(purchase.item()).name(),
                                String.valueOf(days));
                    });
            List<Item> items = bought.stream()
                    .map(purchase -> catalogue.get(purchase.item()))
                    .toList();
            List<Item> fresh = items.stream().filter(Countdown::isFresh).toList();
            if (items.size() > fresh.size()) {
                int days = Math.max(SHOP_DAYS, handedDays + 2);
                add("shop", Errand.SHOP, -days * DAY, helper, String.valueOf(items.size() - fresh.size()));
            }
            if (!fresh.isEmpty()) {
                int first = fresh.stream()
                        .flatMap(item -> firstUse(item).stream())
                        .mapToInt(Integer::intValue)
                        .min()
                        .orElse(0);
                add(
                        "shop-fresh",
                        Errand.SHOP_FRESH,
                        Math.max(-SHOP_SECONDS, Math.min(-DAY, first - FRESH_BEFORE)),
                        helper,
                        names(fresh));
            }
            List<Item> labels = items.stream()
                    .filter(item -> item.origin() == Origin.CHECK_LABEL)
                    .toList();
            if (!labels.isEmpty()) {
                add(
                        "labels",
                        Errand.CHECK_LABELS,
                        -Math.max(1, handedDays + 1) * DAY + 2 * HOUR,
                        helper,
                        names(labels));
            }
            items.stream()
                    .filter(item -> item.storage()
                            .filter(storage -> storage == Storage.FROZEN)
                            .isPresent())
                    .forEach(item -> firstUse(item)
                            .ifPresent(use -> add(
                                    "thaw:" + item.id(),
                                    Errand.THAW,
                                    awake(use - THAW_HOURS * HOUR),
                                    helper,
                                    item.name(),
                                    String.valueOf(THAW_HOURS))));
        }

        /** What lies in a kit that goes out by post has to be there before that is packed. */
        private int earlier(String item) {
            return kits.items.contains(item) ? handedDays * DAY : 0;
        }

        private void posting() {
            if (handedDays == 0) {
                return;
            }
            List<Item> fresh = kits.items.stream()
                    .sorted()
                    .map(catalogue::get)
                    .filter(Countdown::isFresh)
                    .toList();
            if (!fresh.isEmpty()) {
                add("shop-fresh-kits", Errand.SHOP_FRESH_KITS, -(handedDays + 1) * DAY, helper, names(fresh));
            }
            add("post-kits", Errand.POST_KITS, -handedDays * DAY, helper, String.valueOf(kits.count));
        }

        /** Nobody gets up at night for it: the evening before will do. */
        private int awake(int moment) {
            ZonedDateTime at = cooking.clock(moment);
            if (at.getHour() < MORNING || at.getHour() >= NIGHT) {
                ZonedDateTime evening = (at.getHour() < MORNING ? at.minusDays(1) : at).with(EVENING);
                return Math.toIntExact(
                        Duration.between(cooking.onAir(), evening).toSeconds());
            }
            return moment;
        }

        private Optional<Integer> firstUse(Item item) {
            return plan.activities().stream()
                    .filter(activity -> cooking.step(activity.step()).uses().stream()
                            .anyMatch(use -> cooking.dish(activity.step().dish())
                                    .line(use.ingredient())
                                    .item()
                                    .equals(item.id())))
                    .map(Activity::start)
                    .findFirst();
        }

        private static String names(List<Item> items) {
            return String.join(", ", items.stream().map(Item::name).toList());
        }

        private void tools(ToolCheck tools) {
            for (ToolCheck.Test test : tools.tests()) {
                boolean charge = test.how() == ToolCheck.What.CHARGE;
                add(
                        "test:" + test.what() + ":" + test.how().name().toLowerCase(Locale.ROOT),
                        Errand.TEST,
                        charge ? -DAY + HOUR : firstHour(),
                        helper,
                        test.what(),
                        test.how().name());
            }
        }

        /** When somebody is first in the kitchen on the day, or two hours before. */
        private int firstHour() {
            return cooking.prepWindows().stream()
                    .mapToInt(window -> window.from().seconds())
                    .filter(from -> from > -DAY / 2)
                    .min()
                    .orElse(-2 * HOUR);
        }

        /** What one person prepares of one kind is one thing to do; the prep list has it item by item. */
        private void prep(PrepList prep) {
            Map<String, List<PrepList.Job>> blocks = new LinkedHashMap<>();
            prep.jobs().forEach(job -> blocks.computeIfAbsent(
                            job.why() + ":" + job.person().orElse(""), any -> new ArrayList<>())
                    .add(job));
            blocks.forEach((name, jobs) -> {
                int begin = jobs.stream().mapToInt(PrepList.Job::begin).min().orElseThrow();
                int due = jobs.stream().mapToInt(PrepList.Job::due).min().orElseThrow();
                int seconds = jobs.stream().mapToInt(PrepList.Job::seconds).sum();
                String items = String.join(
                        ", ",
                        jobs.stream()
                                .map(job -> catalogue.get(job.task().item()).name())
                                .distinct()
                                .toList());
                add(
                        "prep:" + name,
                        Errand.PREP,
                        begin,
                        jobs.get(0).person(),
                        items,
                        String.valueOf(due),
                        String.valueOf(seconds));
            });
        }

        private void steps() {
            plan.activities().stream()
                    .filter(Activity::beforeClass)
                    .forEach(activity -> add(
                            "step:" + activity.step() + ":" + activity.copy(),
                            Errand.STEP,
                            activity.start(),
                            activity.person(),
                            cooking.step(activity.step()).title(),
                            String.valueOf(next(activity)),
                            String.valueOf(activity.copy().once())));
        }

        /** When what comes after it begins. */
        private int next(Activity activity) {
            return plan.activities().stream()
                    .filter(other -> other.start() >= activity.end()
                            && other.step().dish().equals(activity.step().dish())
                            && cooking.step(other.step()).after().stream().anyMatch(after -> after.step()
                                    .equals(activity.step().step())))
                    .mapToInt(Activity::start)
                    .min()
                    .orElse(0);
        }

        /** Each place is heated for the first that wants it hot, and again where it has gone cold for an hour. */
        private void heat() {
            Map<String, Integer> warmUntil = new LinkedHashMap<>();
            for (Activity activity : plan.activities()) {
                List<Need> needs = (activity.copy().isMain()
                                ? cooking.onAir(cooking.step(activity.step()))
                                : cooking.step(activity.step()))
                        .needs();
                for (int i = 0; i < needs.size(); i++) {
                    if (activity.placements().get(i).celsius().isPresent()) {
                        String place = activity.placements().get(i).resource();
                        BigDecimal celsius =
                                activity.placements().get(i).celsius().get();
                        Integer until = warmUntil.get(place);
                        if (until == null || activity.start() - until > HOUR) {
                            Resource resource = cooking.resources().stream()
                                    .filter(own -> own.id().equals(place))
                                    .findFirst()
                                    .orElseThrow();
                            int seconds = celsius.subtract(ROOM_HEAT)
                                    .max(BigDecimal.ZERO)
                                    .multiply(BigDecimal.valueOf(MINUTE))
                                    .divide(resource.heatPerMinute(), 0, RoundingMode.CEILING)
                                    .intValueExact();
                            add(
                                    "heat:" + place + ":" + activity.step() + ":" + activity.copy(),
                                    Errand.HEAT,
                                    activity.start() - seconds,
                                    activity.person().or(() -> helper),
                                    cooking.place(place),
                                    celsius.stripTrailingZeros().toPlainString(),
                                    cooking.step(activity.step()).title(),
                                    String.valueOf(seconds),
                                    String.valueOf(activity.start()));
                        }
                        warmUntil.merge(place, activity.end(), Math::max);
                    }
                }
            }
        }

        private void out(Holding holding) {
            holding.stays().stream()
                    .filter(stay -> stay.where() == Holding.Where.FRIDGE && stay.until() <= 0)
                    .forEach(stay -> add(
                            "out:" + stay.activity().step() + ":"
                                    + stay.activity().copy(),
                            Errand.TAKE_OUT,
                            stay.until(),
                            helper,
                            cooking.step(stay.activity().step()).title()));
        }

        private void lastMinutes() {
            add("trays", Errand.TRAYS, -30 * MINUTE, helper, "");
            Set<String> seen = new HashSet<>();
            plan.activities().stream().filter(Activity::shown).forEach(activity -> activity.placements().stream()
                    .map(place -> place.resource())
                    .filter(place -> cooking.resources().stream()
                                    .anyMatch(own -> own.id().equals(place)
                                            && own.rinse().seconds() > 0)
                            && seen.add(place))
                    .forEach(place -> add(
                            "jar:" + place,
                            Errand.BLENDER,
                            -10 * MINUTE,
                            helper,
                            cooking.place(place),
                            cooking.step(activity.step()).title())));
            plan.activities().stream()
                    .filter(activity -> boils(cooking.step(activity.step())))
                    .findFirst()
                    .ifPresent(activity -> add(
                            "water",
                            Errand.WATER,
                            activity.start() - KETTLE,
                            helper,
                            cooking.step(activity.step()).title(),
                            String.valueOf(activity.start())));
            plan.swaps()
                    .forEach(swap -> add(
                            "park:" + swap,
                            Errand.SWAP_OUTS,
                            -15 * MINUTE,
                            helper,
                            cooking.step(swap).title()));
            if (plan.activities().stream().anyMatch(activity -> activity.placements().stream()
                    .anyMatch(place -> place.celsius().isPresent()))) {
                add("heatproof", Errand.HEATPROOF, -10 * MINUTE, helper, "");
            }
            if (cooking.attendees().stream()
                    .anyMatch(attendee -> !attendee.avoids().isEmpty())) {
                add("allergens", Errand.ALLERGENS, -20 * MINUTE, helper, "");
            }
            if (cooking.style() == Style.STREAM
                    || cooking.style() == Style.RECORDING
                    || !cooking.room().cameras().isEmpty()) {
                add(
                        "sound",
                        Errand.SOUND,
                        -15 * MINUTE,
                        helper,
                        String.join(", ", cooking.room().cameras()));
            }
        }

        private static boolean boils(Step step) {
            return step.needs().stream().anyMatch(need -> need.does(Does.RING)) && Said.BOILING.in(step);
        }
    }

    private static boolean isFresh(Item item) {
        return item.storage().filter(storage -> storage == Storage.CHILLED).isPresent();
    }
}
