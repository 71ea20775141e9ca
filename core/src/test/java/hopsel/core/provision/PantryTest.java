package hopsel.core.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.Pantry.Turnover;
import hopsel.core.shop.Purchase;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

class PantryTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 5);

    private static Movement in(String item, String batch, int grams, LocalDate useBy, boolean opened) {
        return new Movement(
                Turnover.BOUGHT, item, batch, BigDecimal.valueOf(grams), Optional.ofNullable(useBy), opened);
    }

    private static BigDecimal grams(int grams) {
        return BigDecimal.valueOf(grams);
    }

    @Test
    void whatEndsFirstIsTakenFirstAndAnOpenPackBeforeAFullOne() {
        Pantry pantry = Pantry.after(List.of(
                in("rice", "no date", 500, null, false),
                in("rice", "open", 200, null, true),
                in("rice", "late", 300, DAY.plusDays(9), false),
                in("rice", "soon", 100, DAY, false)));
        List<Movement> out = pantry.take("rice", grams(650));
        assertThat(out).extracting(Movement::batch).containsExactly("soon", "late", "open", "no date");
        assertThat(out).extracting(line -> line.grams().intValueExact()).containsExactly(-100, -300, -200, -50);
        assertThat(out.get(3).opened())
                .as("a pack of which some is taken is open")
                .isTrue();
        assertThat(pantry.take("rice", grams(5000)).stream()
                        .mapToInt(line -> line.grams().intValueExact())
                        .sum())
                .as("no more than there is")
                .isEqualTo(-1100);
    }

    @Test
    void theLedgerAddsUpAndWhatIsEmptyIsGone() {
        List<Movement> ledger =
                new ArrayList<>(List.of(in("rice", "a", 500, null, false), in("beans", "b", 240, DAY, false)));
        ledger.addAll(Pantry.after(ledger).take("rice", grams(500)));
        Pantry pantry = Pantry.after(ledger);
        assertThat(pantry.batches()).extracting(Pantry.Batch::item).containsExactly("beans");
        assertThat(pantry.grams("rice")).isZero();
        assertThat(pantry.goodOn("beans", DAY)).isEqualByComparingTo("240");
        assertThat(pantry.goodOn("beans", DAY.plusDays(1))).as("over its date").isZero();
    }

    @Test
    void aCountIsAMovementThatMakesItSo() {
        List<Movement> ledger = new ArrayList<>(List.of(in("oil", "bottle", 900, null, true)));
        Movement count = Pantry.after(ledger).count("oil", "bottle", grams(620), Optional.empty(), true);
        assertThat(count.grams()).isEqualByComparingTo("-280");
        ledger.add(count);
        assertThat(Pantry.after(ledger).grams("oil")).isEqualByComparingTo("620");
    }

    @Test
    void aClassThatIsOverLeavesWhatItBoughtAndDidNotUse() {
        List<Movement> ledger = new ArrayList<>(List.of(in("oil", "bottle", 300, DAY, true)));
        Purchase rice =
                new Purchase("rice", grams(620), grams(620), List.of(), grams(1000), BigDecimal.TEN, grams(380));
        Purchase oil = new Purchase("oil", grams(350), grams(50), List.of(), grams(500), BigDecimal.TEN, grams(450));
        ledger.addAll(Pantry.after(ledger)
                .close(List.of(rice, oil), Map.of("rice", grams(620), "oil", grams(350)), "class 1", Map.of()));
        Pantry after = Pantry.after(ledger);
        assertThat(after.grams("rice")).isEqualByComparingTo("380");
        assertThat(after.grams("oil")).isEqualByComparingTo("450");
        assertThat(after.batches())
                .as("the old bottle went first")
                .extracting(Pantry.Batch::name)
                .containsOnly("class 1");
    }

    /** 200 g came off the shelf's own pack, 300 of two that were bought; 700 are used, 1,000 were bought. */
    @Test
    void whatWasWeighedGoesOffThePackItWasWeighedFrom() {
        List<Movement> ledger = new ArrayList<>(
                List.of(in("rice", "old", 900, DAY.plusDays(9), true), in("rice", "older", 100, DAY, true)));
        Purchase rice =
                new Purchase("rice", grams(700), grams(700), List.of(), grams(1000), BigDecimal.TEN, grams(300));
        List<Pantry.Weighed> weighed = List.of(
                new Pantry.Weighed("old", grams(200), Optional.of(DAY.plusDays(9))),
                new Pantry.Weighed("L1", grams(120), Optional.of(DAY.plusDays(30))),
                new Pantry.Weighed("L2", grams(180), Optional.empty()));
        ledger.addAll(Pantry.after(ledger)
                .close(List.of(rice), Map.of("rice", grams(700)), "class 1", Map.of("rice", weighed)));
        assertThat(Pantry.after(ledger).batches())
                .as("120 in L1 are gone; what is left was bought in L2; the rest is from what ends first")
                .extracting(batch -> batch.name() + " " + batch.grams().toPlainString())
                .containsExactly("old 600", "L2 700");
        assertThat(Pantry.after(ledger).grams("rice")).isEqualByComparingTo("1300");
    }

    @Test
    void packsOfOneNameBecomeOneAndTheLaterDateCounts() {
        Pantry pantry = Pantry.after(List.of(
                in("rice", "a", 500, DAY, false), in("rice", "a", 100, null, true), in("oil", "a", 70, null, false)));
        assertThat(pantry.batches())
                .containsExactly(
                        new Pantry.Batch("oil", "a", grams(70), Optional.empty(), false),
                        new Pantry.Batch("rice", "a", grams(600), Optional.of(DAY), true));
    }

    @Test
    void nothingIsTakenWhereNothingIsWantedAndAPackThatIsEmptiedIsNotOpened() {
        Pantry pantry = Pantry.after(List.of(in("rice", "a", 500, DAY, false), in("rice", "b", 500, null, false)));
        assertThat(pantry.take("rice", grams(0))).isEmpty();
        assertThat(pantry.take("rice", grams(500)))
                .singleElement()
                .returns(false, Movement::opened)
                .returns("a", Movement::batch);
    }

    @Test
    void aCountOfSomethingElseIsOfSomethingElse() {
        Pantry pantry = Pantry.after(List.of(in("oil", "bottle", 900, null, true), in("oil", "can", 50, null, true)));
        assertThat(pantry.count("oil", "can", grams(60), Optional.empty(), true).grams())
                .isEqualByComparingTo("10");
        assertThat(pantry.count("rice", "bottle", grams(60), Optional.empty(), true)
                        .grams())
                .isEqualByComparingTo("60");
    }

    @Test
    void whatWasNotBoughtDoesNotComeIn() {
        Purchase none = new Purchase("oil", grams(50), grams(0), List.of(), grams(0), BigDecimal.ZERO, grams(0));
        assertThat(Pantry.after(List.of()).close(List.of(none), Map.of(), "class 1", Map.of()))
                .isEmpty();
    }
}
