package hopsel.web.provision;

import hopsel.core.Known;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.provision.WeekList;
import hopsel.web.provision.ShelfStore.Shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A list by shop and by aisle.
 *
 * @param groups in the order in which one walks
 */
record ShoppingView(List<Group> groups) {

    /** An aisle of a shop. */
    record Group(String shop, String aisle, List<WeekList.Line> lines) {}

    /** What nobody has placed stands in the shop without a name, by how it is kept. */
    static ShoppingView of(
            WeekList list, Catalogue catalogue, Map<String, Shelf> shelf, String anyShop, Map<Storage, String> aisles) {
        Map<String, Group> groups = new TreeMap<>();
        for (WeekList.Line line : list.lines()) {
            Item item = catalogue.get(line.item());
            Shelf place = shelf.get(line.item());
            String shop = place == null ? anyShop : place.shop();
            String aisle = place == null ? Known.in(aisles, item.storage().orElse(Storage.AMBIENT)) : place.aisle();
            groups.computeIfAbsent(shop + "\n" + aisle, any -> new Group(shop, aisle, new ArrayList<>()))
                    .lines
                    .add(line);
        }
        groups.values()
                .forEach(group -> group.lines.sort(
                        Comparator.comparing(line -> catalogue.get(line.item()).name())));
        return new ShoppingView(List.copyOf(groups.values()));
    }
}
