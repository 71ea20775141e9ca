package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.Set;

/** What a portion is weighed to, at the weights where that changes. */
class PortionTest {

    @ParameterizedTest
    @CsvSource({
        "9.9, DRY, , 0.5",
        "10, DRY, , 1",
        "29.9, DRY, , 1",
        "30, DRY, , 5",
        "99.9, LIQUID, , 1",
        "100, LIQUID, , 5",
        "9.9, LIQUID, 2, 0.5",
        "49.9, LIQUID, 2, 1",
        "50, LIQUID, 2, 2",
        "100, LIQUID, 2, 2",
        "30, DRY, 0.1, 0.5",
        "20, DRY, 0.1, 0.5"
    })
    void itIsWeighedToWhatAScaleAndAHandCanDo(BigDecimal grams, Trait trait, BigDecimal tolerance, BigDecimal step) {
        Item item = Item.nameOnly("it", "It")
                .withTraits(Set.of(trait))
                .with(own -> own.tolerance(Optional.ofNullable(tolerance)));
        assertThat(Portion.step(item, grams)).isEqualByComparingTo(step);
    }
}
