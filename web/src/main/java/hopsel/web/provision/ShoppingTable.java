package hopsel.web.provision;

import hopsel.core.item.Catalogue;
import hopsel.core.measure.Decimals;
import hopsel.core.shop.PackCount;
import hopsel.formats.table.Table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A shopping list as a table. */
final class ShoppingTable {

    private ShoppingTable() {}

    static String write(ShoppingView view, Catalogue catalogue) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("shop", "aisle", "item", "needed g", "from pantry g", "packs", "buy g", "cost", "left g"));
        view.groups().forEach(group -> group.lines()
                .forEach(line -> rows.add(List.of(
                        group.shop(),
                        group.aisle(),
                        catalogue.get(line.item()).name(),
                        tenths(line.purchase().neededGrams()),
                        tenths(line.pantry()),
                        line.purchase().packs().stream()
                                .map(ShoppingTable::pack)
                                .collect(Collectors.joining(", ")),
                        tenths(line.purchase().buyGrams()),
                        Decimals.money(line.purchase().cost()).toPlainString(),
                        tenths(line.purchase().leftGrams())))));
        return Table.write(rows);
    }

    private static String pack(PackCount pack) {
        return pack.count() + " x " + Decimals.plain(pack.pack().grams()).toPlainString() + " g";
    }

    private static String tenths(BigDecimal grams) {
        return Decimals.plain(Decimals.tenths(grams)).toPlainString();
    }
}
