package hopsel.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;

/** Temperatures as the dials of ovens have them. */
class FiguresTest {

    @ParameterizedTest
    @CsvSource({
        "175, 350",
        "180, 350",
        "160, 325",
        "190, 375",
        "200, 400",
        "205, 400",
        "220, 425",
        "230, 450",
        "170, 340",
        "250, 475",
        "75, 165",
        "100, 210",
        "60, 140"
    })
    void aDialIsSetToWhatItHas(BigDecimal celsius, String fahrenheit) {
        assertThat(HouseFigures.fahrenheit(celsius)).isEqualTo(fahrenheit);
    }
}
