package hopsel.web.provision;

import hopsel.core.planned.PlannedClass;
import hopsel.web.tick.TickStore.Ticked;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How much was to be bought when an item was ticked off, so that a list which grew later says what is missing. */
@Component
class BoughtAmounts {

    private final ShelfMapper mapper;
    private final ShoppingDesk desk;

    BoughtAmounts(ShelfMapper mapper, ShoppingDesk desk) {
        this.mapper = mapper;
        this.desk = desk;
    }

    @EventListener
    void ticked(Ticked tick) {
        if (!tick.list().equals("shopping")) {
            return;
        }
        mapper.dropBought(tick.classId(), tick.key());
        if (tick.done()) {
            PlannedClass planned = desk.planned(tick.classId());
            desk.list(List.of(planned)).lines().stream()
                    .filter(line -> line.item().equals(tick.key()))
                    .findFirst()
                    .ifPresent(line -> mapper.putBought(
                            tick.classId(), tick.key(), line.purchase().buyGrams()));
        }
    }

    /**
     * Grams that are still to be bought of what was ticked off, by item; those of which enough was bought are missing.
     */
    Map<String, BigDecimal> more(long id) {
        Map<String, BigDecimal> bought = new TreeMap<>();
        mapper.bought(id).forEach(row -> bought.put(row.itemId(), row.grams()));
        Map<String, BigDecimal> more = new TreeMap<>();
        if (!bought.isEmpty()) {
            desk.list(List.of(desk.planned(id))).lines().stream()
                    .filter(line -> bought.containsKey(line.item()))
                    .forEach(line -> {
                        BigDecimal lack = line.purchase().buyGrams().subtract(bought.get(line.item()));
                        if (lack.signum() > 0) {
                            more.put(line.item(), lack);
                        }
                    });
        }
        return more;
    }
}
