package hopsel.formats.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kit.Kit;
import hopsel.core.kit.Packing;
import hopsel.core.kit.Packing.Row;
import hopsel.core.kit.Portion;
import hopsel.core.kit.Portion.Compartment;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Kits as they are packed, on the sample classes of the contract. */
class PackingTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();

    @ParameterizedTest
    @ValueSource(strings = {"lists-sample-00", "lists-sample-07", "c01-dumplings-laksa"})
    void noKitIsShortAndAllergensComeLast(String name) throws Exception {
        PlannedClass planned = PlannedClass.of(Samples.cooking(name), BUILT_IN);
        Catalogue catalogue = planned.catalogue();
        Packing packing = Packing.of(planned.cooking(), BUILT_IN, planned.kits(), planned.shopping(), planned.sold());
        assertThat(packing.kinds().stream().mapToInt(kind -> kind.kits().size()).sum())
                .isEqualTo(planned.kits().size());
        for (Packing.KitGroup kind : packing.kinds()) {
            for (Kit kit : kind.kits()) {
                BigDecimal exact = kit.lines().stream().map(Kit.Line::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
                BigDecimal packed =
                        kind.portions().stream().map(Portion::edible).reduce(BigDecimal.ZERO, BigDecimal::add);
                assertThat(packed).isEqualByComparingTo(exact);
            }
            assertThat(kind.portions()).allSatisfy(portion -> {
                Item item = catalogue.get(portion.item());
                assertThat(portion.grams().setScale(6, RoundingMode.HALF_UP))
                        .as(portion.item())
                        .isGreaterThanOrEqualTo(portion.least().setScale(6, RoundingMode.HALF_UP));
                BigDecimal most = portion.pieces() > 0
                        ? item.gramsPerPiece().orElseThrow()
                        : new BigDecimal("5").max(item.tolerance().orElse(BigDecimal.ZERO));
                assertThat(portion.grams().subtract(portion.least())).isLessThanOrEqualTo(most);
                boolean kept = item.storage()
                        .filter(storage -> !storage.word().equals("ambient"))
                        .isPresent();
                boolean opened = item.has(Trait.KEEP_COLD) && portion.pieces() == 0;
                assertThat(portion.compartment() == Compartment.COLD)
                        .as(portion.item())
                        .isEqualTo(kept || opened);
            });
            assertThat(kind.parcel())
                    .isGreaterThan(
                            kind.portions().stream().map(Portion::grams).reduce(BigDecimal.ZERO, BigDecimal::add));
        }
        List<Boolean> withAllergens = packing.rows().stream()
                .map(Row::item)
                .map(catalogue::get)
                .map(item -> !item.allergens().isEmpty())
                .toList();
        assertThat(withAllergens).isSorted();
        assertThat(packing.rows())
                .filteredOn(Row::clean)
                .allMatch(row -> !catalogue.get(row.item()).allergens().isEmpty());
    }
}
