package hopsel.web.provision;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Storage;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.WeekList;
import hopsel.core.provision.WeekList.Wanted;
import hopsel.core.shop.Purchase;
import hopsel.web.frame.NotFoundException;
import hopsel.web.plan.PlanDesk;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Works out what is bought for classes at the house's prices, with what is on the shelf. */
@Component
class ShoppingDesk {

    private final PlanDesk desk;
    private final ShelfStore store;
    private final Catalogue builtIn;
    private final MessageSource messages;

    ShoppingDesk(PlanDesk desk, ShelfStore store, Catalogue builtIn, MessageSource messages) {
        this.desk = desk;
        this.store = store;
        this.builtIn = builtIn;
        this.messages = messages;
    }

    Catalogue prices() {
        return store.priced(builtIn);
    }

    PlannedClass planned(long id) {
        return desk.find(id).orElseThrow(NotFoundException::new).whole();
    }

    WeekList list(List<PlannedClass> classes) {
        return WeekList.of(
                classes.stream()
                        .map(planned -> new Wanted(planned.cooking(), planned.demand(), planned.sold()))
                        .toList(),
                prices(),
                store.pantry());
    }

    ShoppingView view(WeekList list, List<PlannedClass> classes) {
        return ShoppingView.of(
                list,
                catalogue(classes),
                store.shelf(),
                text("shopping.any-shop"),
                Map.of(
                        Storage.AMBIENT,
                        text("shopping.aisle.ambient"),
                        Storage.CHILLED,
                        text("shopping.aisle.chilled"),
                        Storage.FROZEN,
                        text("shopping.aisle.frozen")));
    }

    private String text(String key) {
        return messages.getMessage(key, null, Locale.ENGLISH);
    }

    /** Everything that any of the classes knows, at the house's prices. */
    Catalogue catalogue(List<PlannedClass> classes) {
        Catalogue all = prices();
        for (PlannedClass planned : classes) {
            all = all.with(planned.cooking().items());
        }
        return all;
    }

    /** Dishes of other classes that could use what is left of an item, by the item. */
    Map<String, List<String>> uses(long id, List<Purchase> purchases) {
        Map<String, List<String>> uses = new TreeMap<>();
        List<CookingClass> others = desk.ready().stream()
                .filter(other -> other.stored().id() != id)
                .map(other -> other.stored().cooking())
                .toList();
        for (Purchase purchase : purchases) {
            if (purchase.leftGrams().signum() > 0) {
                List<String> titles = new ArrayList<>();
                others.forEach(other -> other.dishes().stream()
                        .filter(dish ->
                                dish.lines().anyMatch(line -> line.item().equals(purchase.item())))
                        .forEach(dish -> titles.add(dish.title())));
                if (!titles.isEmpty()) {
                    uses.put(
                            purchase.item(), titles.stream().distinct().limit(3).toList());
                }
            }
        }
        return uses;
    }
}
