package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Trait;
import hopsel.core.mise.Holding.Breach;
import hopsel.core.mise.Holding.Stay;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.shop.Purchase;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The limits of food safety that a plan breaks: as long as there is one, no page says that the class fits.
 *
 * <p>That something stands between two and four hours is told where it stands; it may still be used at once.
 */
public final class SafetyCheck {

    private SafetyCheck() {}

    /** What is broken. */
    public enum Limit {
        /** Too long between 5 °C and 60 °C. */
        TOO_WARM,
        /** Cooked rice kept for longer than a day. */
        RICE,
        /** Cooked food kept for longer than three days. */
        COOKED_LONG_AGO,
        /** Cooked food that is heated again a second time. */
        REHEATED_TWICE,
        /** Done before what goes in has been bought. */
        BEFORE_BOUGHT
    }

    /**
     * A limit that a plan breaks.
     *
     * @param limit which
     * @param step whose product it is, or that comes too early
     * @param seconds how long it stood warm, how old it is, or how long before the class it is done
     * @param items ids of what is not there yet; empty for the other limits
     */
    public record Broken(Limit limit, StepRef step, int seconds, List<String> items) {}

    /** Every limit that a plan breaks, in the order of the plan; one that is not possible breaks none. */
    public static List<Broken> of(CookingClass cooking, Plan plan, Catalogue catalogue, List<Purchase> shopping) {
        if (!plan.possible()) {
            return List.of();
        }
        List<Broken> broken = new ArrayList<>(beforeBought(cooking, plan, shopping, catalogue));
        Map<String, Broken> worst = new LinkedHashMap<>();
        Holding.of(cooking, plan, catalogue).stays().forEach(stay -> stay.breaches().stream()
                .filter(breach -> breach != Breach.USE_OR_CHILL)
                .map(breach -> broken(stay, breach))
                .forEach(one -> worst.merge(
                        key(one), one, (before, after) -> after.seconds > before.seconds ? after : before)));
        broken.addAll(worst.values());
        return List.copyOf(broken);
    }

    /** What is too old in one dish is too old in everything that is made of it: said once, where it is oldest. */
    private static String key(Broken broken) {
        return broken.limit == Limit.TOO_WARM ? broken.step.toString() : broken.limit + " " + broken.step.dish();
    }

    private static Broken broken(Stay stay, Breach breach) {
        boolean warm = breach == Breach.DISCARD;
        Limit limit =
                switch (breach) {
                    case DISCARD, USE_OR_CHILL -> Limit.TOO_WARM;
                    case RICE -> Limit.RICE;
                    case COOKED_LONG_AGO -> Limit.COOKED_LONG_AGO;
                    case REHEATED_TWICE -> Limit.REHEATED_TWICE;
                };
        return new Broken(limit, stay.activity().step(), warm ? stay.warm() : stay.age(), List.of());
    }

    /**
     * Nothing is bought earlier than the big shop, so what is done before it has nothing to be done with, unless the
     * pantry has it.
     */
    private static List<Broken> beforeBought(
            CookingClass cooking, Plan plan, List<Purchase> shopping, Catalogue catalogue) {
        Set<String> bought = shopping.stream()
                .filter(purchase -> purchase.buyGrams().signum() > 0)
                .map(Purchase::item)
                .filter(item -> !catalogue.get(item).has(Trait.TAP))
                .collect(Collectors.toSet());
        return plan.activities().stream()
                .filter(activity -> activity.start() < -Countdown.SHOP_SECONDS)
                .flatMap(activity -> {
                    List<String> missing = items(cooking, activity).stream()
                            .filter(bought::contains)
                            .toList();
                    return missing.isEmpty()
                            ? Stream.empty()
                            : Stream.of(new Broken(Limit.BEFORE_BOUGHT, activity.step(), -activity.start(), missing));
                })
                .toList();
    }

    private static List<String> items(CookingClass cooking, Activity activity) {
        return cooking.step(activity.step()).uses().stream()
                .map(use -> cooking.dish(activity.step().dish())
                        .line(use.ingredient())
                        .item())
                .distinct()
                .toList();
    }
}
