package hopsel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;

class ForSomeTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "Top half with the peanuts, leave the rest plain.             | 0.5    | plain",
                "Stir the chilli into one bowl and leave the other mild.      | 0.5    | mild",
                "Scatter peanuts over two of the portions; the others without. | 0.5   | -",
                "Divide the mixture in two, fold spinach into it, the other half gets the peas. | 0.5 | -",
                "A third gets the sesame, the rest stays plain.               | 0.3333 | plain",
                "Dress half the bowls with satay sauce and the other half with tamari. | 0.5 | -",
            })
    void twoKindsAreHeard(String text, BigDecimal share, String others) {
        ForSome some = ForSome.of(text, BigDecimal.valueOf(4)).orElseThrow();
        assertThat(some.share()).isEqualByComparingTo(share);
        assertThat(some.others().orElse(null)).isEqualTo(others);
    }

    @Test
    void eachKindIsToldByItself() {
        String text = "Top half the bowls with the peanuts, and the other half with the seeds.";
        ForSome some = ForSome.of(text, BigDecimal.valueOf(4)).orElseThrow();
        assertThat(some.first(text)).isEqualTo("Top half the bowls with the peanuts.");
        assertThat(some.second(text)).isEqualTo("Top the other half with the seeds.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Add the peanuts and leave it plain.",
                "Cut the limes in half and squeeze them.",
                "Put half in the fridge.",
                "Add half the coriander and keep the rest plain for the end.",
                "Add half the chilli with the onions, the rest with the beans.",
                "Stir in half of the milk, the rest with the flour.",
                "Leave the rest of the dough to prove.",
            })
    void everybodyGetsTheSame(String text) {
        assertThat(ForSome.of(text, BigDecimal.valueOf(4))).isEmpty();
    }
}
