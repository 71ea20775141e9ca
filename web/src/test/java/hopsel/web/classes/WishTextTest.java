package hopsel.web.classes;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.StepRef;
import hopsel.core.plan.Wishes;
import hopsel.core.plan.Wishes.DishOrder;

import org.junit.jupiter.api.Test;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Wishes as they are stored. */
class WishTextTest {

    private static final StepRef BAKE = new StepRef("tart", "bake");
    private static final StepRef KNEAD = new StepRef("pierogi", "knead");

    @Test
    void whatIsWrittenIsReadBack() {
        Wishes wishes = new Wishes(Map.of(BAKE, -600, KNEAD, 90), Set.of(BAKE), Set.of(KNEAD), Optional.empty());
        assertThat(WishText.write(wishes).lines())
                .containsExactly(
                        "no-swap tart/bake", "pin pierogi/knead 90", "pin tart/bake -600", "show pierogi/knead");
        assertThat(WishText.read(WishText.write(wishes))).isEqualTo(wishes);
        assertThat(WishText.read(WishText.write(Wishes.NONE))).isEqualTo(Wishes.NONE);
    }

    @Test
    void wishesOfPeopleAndOfTheOrderOfDishesAreReadBack() {
        Wishes wishes = Wishes.NONE
                .give(KNEAD, Optional.of("pia"))
                .withVoice(Optional.of("maren"))
                .withOrder(DishOrder.SERVED)
                .withDrops(List.of("tart", "pierogi/dip"));
        assertThat(WishText.write(wishes).lines())
                .containsExactly(
                        "give pierogi/knead pia", "order served", "voice maren", "drop tart", "drop pierogi/dip");
        assertThat(WishText.read(WishText.write(wishes))).isEqualTo(wishes);
        assertThat(wishes.among(Set.of(KNEAD)).drops()).containsExactly("pierogi/dip");
        assertThat(wishes.amongPeople(Set.of("pia")).voice()).isEmpty();
        assertThat(wishes.amongPeople(Set.of("maren")).given()).isEmpty();
    }

    @Test
    void aWishIsTakenBackByItsOpposite() {
        Wishes wishes =
                Wishes.NONE.pin(BAKE, Optional.of(60)).swapping(BAKE, false).showing(KNEAD, true);
        assertThat(wishes.none()).isFalse();
        assertThat(wishes.pin(BAKE, Optional.empty()).swapping(BAKE, true).showing(KNEAD, false))
                .isEqualTo(Wishes.NONE);
        assertThat(wishes.among(Set.of(KNEAD))).isEqualTo(Wishes.NONE.showing(KNEAD, true));
    }
}
