package hopsel.web.provision;

import hopsel.core.item.Catalogue;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.WeekList;

import org.springframework.stereotype.Component;

import java.util.List;

/**
 * What closing a class does to the shelf: what was bought came in, what was used went out, and what is left of the
 * dishes is kept.
 */
@Component
public class PantryClosing {

    private final ShoppingDesk desk;
    private final ShelfStore store;
    private final WeighedPacks packs;

    PantryClosing(ShoppingDesk desk, ShelfStore store, WeighedPacks packs) {
        this.packs = packs;
        this.desk = desk;
        this.store = store;
    }

    /** Settles a class once; false where it was settled before. */
    public boolean settle(long id, String who) {
        PlannedClass planned = desk.planned(id);
        WeekList list = desk.list(List.of(planned));
        return store.settle(
                id,
                store.pantry()
                        .close(
                                list.lines().stream()
                                        .map(WeekList.Line::purchase)
                                        .toList(),
                                list.used(),
                                "class %d, %s"
                                        .formatted(
                                                id, planned.cooking().startsAt().toLocalDate()),
                                packs.of(id)),
                who,
                "“%s” is over".formatted(planned.cooking().title()));
    }

    /** Puts onto the shelf what is left of a class. */
    public void keep(long id, List<Movement> left, String who) {
        store.move(
                left,
                id,
                who,
                "left of “%s”".formatted(desk.planned(id).cooking().title()));
    }

    /** What things cost, as they were last seen in shops. */
    public Catalogue prices() {
        return desk.prices();
    }
}
