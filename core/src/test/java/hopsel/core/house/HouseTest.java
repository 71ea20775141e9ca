package hopsel.core.house;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Optional;

/** What is said of the house once. */
class HouseTest {

    @Test
    void theTaxIsInTheFeeAndNotOnTopOfIt() {
        House house = House.UNKNOWN.withVat(Optional.of(BigDecimal.valueOf(23)));
        assertThat(house.vatIn(new BigDecimal("58"))).isEqualByComparingTo("10.85");
        assertThat(house.vatIn(new BigDecimal("123"))).isEqualByComparingTo("23.00");
        assertThat(House.UNKNOWN.vatIn(new BigDecimal("58"))).isZero();
    }

    @Test
    void aClassHeldElsewhereKeepsItsHourAndTakesTheKitchenOver() {
        CookingClass cooking = SmallClass.of(60).place("oven", 1, 0).build();
        CookingClass other = SmallClass.of(30).place("burner", 4, 0).assistant().build();
        Venue venue = Venue.of(other, "Boathouse", "").withZone(ZoneId.of("Asia/Kolkata"));
        assertThat(venue.isAsIn(cooking)).isFalse();

        CookingClass held = venue.held(cooking);

        assertThat(venue.isAsIn(held)).isTrue();
        assertThat(held.resources()).isEqualTo(other.resources());
        assertThat(held.startsAt()).isEqualTo(cooking.startsAt());
        assertThat(held.airMinutes()).isEqualTo(cooking.airMinutes());
        assertThat(held.dishes()).isEqualTo(cooking.dishes());
    }
}
