package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.IngredientLineBuilder;
import hopsel.core.dish.Need;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepBuilder;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Yield;
import hopsel.core.dish.YieldBuilder;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One difference between two states of a dish. A member that is added to a step or a line shows up here by itself.
 *
 * @param where title of the step, name of the ingredient or of the component; empty: the dish itself
 * @param member which member it is; empty: the whole of it came or went
 * @param before as it was; empty: it was not there
 * @param now as it is; empty: it is not there any more
 */
public record DishChange(String where, String member, String before, String now) {

    /** Members that say where a step or a line belongs, not what it is. */
    private static final Set<String> PLACES = Set.of("id", "said");

    /** What is different, dish first, then component by component. */
    public static List<DishChange> between(Dish before, Dish now, Catalogue catalogue) {
        Comparison comparison = new Comparison(before, now, catalogue);
        comparison.dish();
        comparison.each(
                Component::ingredients,
                IngredientLine::id,
                line -> comparison.name(line.item()),
                IngredientLineBuilder::stream);
        comparison.each(Component::steps, Step::id, Step::title, StepBuilder::stream);
        return List.copyOf(comparison.found);
    }

    private static final class Comparison {

        private final Dish before;
        private final Dish now;
        private final Catalogue catalogue;
        private final List<DishChange> found = new ArrayList<>();

        Comparison(Dish before, Dish now, Catalogue catalogue) {
            this.before = before;
            this.now = now;
            this.catalogue = catalogue;
        }

        String name(String item) {
            return catalogue.find(item).map(Item::name).orElse(item);
        }

        void dish() {
            compare("", "title", before.title(), now.title());
            members("", YieldBuilder.stream(before.yields()), YieldBuilder.stream(now.yields()));
            compare("", "vessel", before.vessel(), now.vessel());
            compare("", "unread", before.passages().unread(), now.passages().unread());
            Function<Dish, List<String>> parts =
                    dish -> dish.components().stream().map(Component::title).toList();
            compare("", "components", parts.apply(before), parts.apply(now));
        }

        <T> void each(
                Function<Component, List<T>> list,
                Function<T, String> id,
                Function<T, String> name,
                Function<T, Stream<Map.Entry<String, Object>>> members) {
            Map<String, T> old = byId(before, list, id);
            Map<String, T> fresh = byId(now, list, id);
            old.forEach((key, was) -> {
                if (!fresh.containsKey(key)) {
                    found.add(new DishChange(name.apply(was), "", name.apply(was), ""));
                } else {
                    members(name.apply(fresh.get(key)), members.apply(was), members.apply(fresh.get(key)));
                }
            });
            fresh.forEach((key, is) -> {
                if (!old.containsKey(key)) {
                    found.add(new DishChange(name.apply(is), "", "", name.apply(is)));
                }
            });
        }

        private static <T> Map<String, T> byId(Dish dish, Function<Component, List<T>> list, Function<T, String> id) {
            Map<String, T> byId = new LinkedHashMap<>();
            dish.components().stream()
                    .flatMap(component -> list.apply(component).stream())
                    .forEach(own -> byId.put(id.apply(own), own));
            return byId;
        }

        private void members(
                String where, Stream<Map.Entry<String, Object>> was, Stream<Map.Entry<String, Object>> is) {
            List<Map.Entry<String, Object>> old = was.toList();
            List<Map.Entry<String, Object>> fresh = is.toList();
            for (int i = 0; i < old.size(); i++) {
                if (!PLACES.contains(old.get(i).getKey())) {
                    compare(
                            where,
                            old.get(i).getKey(),
                            old.get(i).getValue(),
                            fresh.get(i).getValue());
                }
            }
        }

        private void compare(String where, String member, Object was, Object is) {
            String one = said(was);
            String two = said(is);
            if (!Objects.equals(was, is) && !one.equals(two)) {
                found.add(new DishChange(where, member, one, two));
            }
        }

        /** A value as a cook reads it. */
        private String said(Object value) {
            if (value instanceof Optional<?> some) {
                return some.map(this::said).orElse("");
            }
            if (value instanceof Collection<?> all) {
                return all.stream().map(this::said).collect(Collectors.joining(", "));
            }
            if (value instanceof BigDecimal number) {
                return Decimals.plain(number).toPlainString();
            }
            if (value instanceof Enum<?> word) {
                return word.name().toLowerCase(Locale.ROOT);
            }
            return value instanceof Record record ? said(record) : String.valueOf(value);
        }

        private String said(Record value) {
            if (value instanceof Amount amount) {
                return amount.written();
            }
            if (value instanceof StepMinutes minutes) {
                return minutes.isRange()
                        ? "%s–%s, usually %s".formatted(minutes.low(), minutes.high(), minutes.likely())
                        : minutes.likely().toString();
            }
            if (value instanceof Use use) {
                return name(line(use.ingredient()))
                        + (use.share().compareTo(BigDecimal.ONE) == 0
                                ? ""
                                : " × " + Decimals.plain(use.share()).toPlainString());
            }
            if (value instanceof After after) {
                return title(after.step())
                        + after.within()
                                .map(most -> ", within %s min".formatted(most))
                                .orElse("");
            }
            if (value instanceof Need need) {
                return need.kind()
                        + need.celsius()
                                .map(degrees -> " %s °C".formatted(degrees.toPlainString()))
                                .orElse("");
            }
            return rarer(value);
        }

        private String rarer(Record value) {
            if (value instanceof Rounds rounds) {
                return "%d × %s min".formatted(rounds.count(), rounds.each());
            }
            if (value instanceof PerWeight weight) {
                return "%s min + %s min/kg".formatted(weight.base(), weight.perKg());
            }
            if (value instanceof ByTaste taste) {
                return "%s–%s"
                        .formatted(
                                taste.start().toPlainString(), taste.ceiling().toPlainString());
            }
            if (value instanceof Rescue rescue) {
                return rescue.trouble() + ": " + rescue.remedy();
            }
            if (value instanceof HandsOn hands) {
                return hands.equals(HandsOn.NONE) ? "" : "%s min, %s min".formatted(hands.start(), hands.end());
            }
            return value instanceof Yield yields ? said(yields.servings()) : value.toString();
        }

        private String line(String id) {
            Optional<IngredientLine> either = Stream.of(now, before)
                    .flatMap(Dish::lines)
                    .filter(line -> line.id().equals(id))
                    .findFirst();
            return either.map(IngredientLine::item).orElse(id);
        }

        private String title(String step) {
            return now.step(step).or(() -> before.step(step)).map(Step::title).orElse(step);
        }
    }
}
