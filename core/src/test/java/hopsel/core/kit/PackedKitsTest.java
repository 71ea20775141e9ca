package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.kit.Packing.KitGroup;
import hopsel.core.kit.Packing.Lack;
import hopsel.core.kit.Packing.Row;
import hopsel.core.kit.Portion.Compartment;
import hopsel.core.measure.Working;
import hopsel.core.shop.Purchase;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Four kits of four items, with every weight, second and gram worked out on paper. */
class PackedKitsTest {

    private static final Item RICE =
            item("rice", "Jasmine rice", Storage.AMBIENT).withTraits(Set.of(Trait.DRY));
    private static final Item PEANUTS = item("peanuts", "Roasted peanuts", Storage.AMBIENT)
            .withTraits(Set.of(Trait.DRY))
            .withAllergens(Set.of(Allergen.PEANUT));
    private static final Item TOFU = item("tofu", "Firm tofu", Storage.CHILLED).withAllergens(Set.of(Allergen.SOY));
    private static final Item OIL = item("oil", "Sunflower oil", Storage.AMBIENT)
            .withTraits(Set.of(Trait.LIQUID))
            .withGramsPerMl(Optional.of(new BigDecimal("0.92")));
    private static final Item LIME = item("lime", "Lime", Storage.AMBIENT)
            .withGramsPerPiece(Optional.of(BigDecimal.valueOf(70)))
            .withEdibleShare(new BigDecimal("0.8"));
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(RICE, PEANUTS, TOFU, OIL, LIME));
    private static final CookingClass COOKING = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"));

    private static final List<Kit> KITS = List.of(
            kit("dora", line("rice", "60"), line("rice", "40.5"), line("peanuts", "30"), line("tofu", "150")),
            kit("ana", line("rice", "60"), line("rice", "40.5"), line("oil", "20")),
            kit("cleo", line("rice", "60"), line("rice", "40.5"), line("oil", "20"), line("tofu", "150")),
            kit("ben", line("rice", "100.5"), line("oil", "20")));

    private static Item item(String id, String name, Storage storage) {
        return Item.nameOnly(id, name).withOrigin(Origin.PLANT).withStorage(Optional.of(storage));
    }

    private static Kit.Line line(String item, String grams) {
        return new Kit.Line(
                "dish",
                item + grams,
                item,
                new BigDecimal(grams),
                Optional.empty(),
                Optional.empty(),
                Working.NONE,
                false,
                Optional.empty());
    }

    private static Kit kit(String who, Kit.Line... lines) {
        Attendee attendee = new Attendee(who, who, List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
        return new Kit(attendee, List.of(lines), List.of(), List.of());
    }

    private static Purchase rice(int left) {
        return new Purchase(
                "rice",
                BigDecimal.valueOf(402),
                BigDecimal.valueOf(402),
                List.of(),
                BigDecimal.valueOf(402 + left),
                BigDecimal.ZERO,
                BigDecimal.valueOf(left));
    }

    private static Packing packing(CookingClass cooking, Purchase... purchases) {
        return Packing.of(cooking, CATALOGUE, KITS, List.of(purchases), AsSold.NONE);
    }

    @Test
    void kitsWithTheSameInThemAreOneKindAndThoseWithTheFewestAllergensComeFirst() {
        Packing packing = packing(COOKING);
        assertThat(packing.kits())
                .extracting(kit -> kit.attendee().id())
                .as("two lines of one item are one bag: Ana's and Ben's kits are alike")
                .containsExactly("ana", "ben", "cleo", "dora");
        assertThat(packing.kinds())
                .extracting(KitGroup::allergens)
                .containsExactly(List.of(), List.of(Allergen.SOY), List.of(Allergen.PEANUT, Allergen.SOY));
        assertThat(packing.kinds()).extracting(KitGroup::cold).containsExactly(false, true, true);
        assertThat(packing.of("ben")).contains(packing.kinds().get(0));
        assertThat(packing.of("nobody")).isEmpty();
    }

    @Test
    void ofTwoKindsWithAsManyAllergensTheOneForMoreGuestsComesFirst() {
        List<Kit> kits =
                List.of(kit("ana", line("oil", "20")), kit("ben", line("rice", "50")), kit("cleo", line("rice", "50")));
        assertThat(Packing.of(COOKING, CATALOGUE, kits, List.of(), AsSold.NONE).kinds())
                .extracting(kind -> kind.kits().size())
                .containsExactly(2, 1);
    }

    /** Rice 105 in a bag of 3, oil 20 in a jar of 12, peanuts 30, tofu 150 with a cool pack of 200. */
    @Test
    void parcelsAreWeighedWithBagsJarsAndCoolPacks() {
        assertThat(packing(COOKING).kinds())
                .extracting(kind -> kind.parcel().intValueExact())
                .containsExactly(140, 140 + 153 + 200, 108 + 33 + 153 + 200);
    }

    @Test
    void downTheRowAllergensComeLastAndWhatIsColdLastOfAll() {
        Packing packing = packing(COOKING);
        assertThat(packing.rows())
                .extracting(Row::item, Row::kits, Row::clean)
                .containsExactly(
                        tuple("rice", 4, false),
                        tuple("oil", 3, false),
                        tuple("peanuts", 1, true),
                        tuple("tofu", 2, true));
        assertThat(packing.rows().get(0).exact()).isEqualByComparingTo("402");
        assertThat(packing.rows().get(0).grams()).isEqualByComparingTo("420");
    }

    @Test
    void secondsAreFetchingWeighingCleaningAndClosing() {
        Packing packing = packing(COOKING);
        int plain = 2 * (2 * 40 + 40);
        int withAllergens = 3 * 40 + 40 + 120;
        assertThat(packing.byKit()).isEqualTo(plain + 2 * withAllergens);
        assertThat(packing.byItem()).isEqualTo((25 + 60) + (25 + 45) + (25 + 15 + 120) + (25 + 30 + 120) + 4 * 40);
        assertThat(Packing.shared(100, 3)).as("34 each, the last a little less").isEqualTo(34);
    }

    /** 18 g of rice go on rounding up. */
    @Test
    void roundingUpIsPaidFromWhatIsLeftOverAndFromTheSpareShare() {
        assertThat(packing(COOKING, rice(18)).lacks()).isEmpty();
        assertThat(packing(COOKING, rice(10)).lacks()).singleElement().satisfies(lack -> assertThat(lack.grams())
                .isEqualByComparingTo("8"));
        assertThat(packing(COOKING).lacks()).extracting(Lack::item).containsExactly("rice");
        CookingClass spared = COOKING.withProvision(COOKING.provision().withSparePercent(BigDecimal.TEN));
        assertThat(packing(spared, rice(0)).lacks())
                .as("a tenth to spare is 36 g of the 402")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "oil, 9.4, 9.5, 30, 1, LIQUID",
        "oil, 9.6, 10, 30, 1, LIQUID",
        "oil, 20.1, 21, 30, 1, LIQUID",
        "oil, 99.2, 100, 125, 1, LIQUID",
        "oil, 101, 105, 250, 1, LIQUID",
        "rice, 29.1, 30, 60, 1, DRY",
        "rice, 31, 35, 125, 1, DRY",
        "rice, 6000, 6000, 2000, 6, DRY",
        "tofu, 31, 31, 60, 1, COLD",
        "lime, 30.2, 38, 125, 1, FRESH"
    })
    void aScaleShowsIt(String item, BigDecimal edible, BigDecimal grams, int jar, int jars, Compartment where) {
        Portion portion = Portion.of("dish", CATALOGUE.get(item), edible, false);
        assertThat(portion.grams()).isEqualByComparingTo(grams);
        assertThat(portion.millilitres()).isEqualTo(jar);
        assertThat(portion.jars()).isEqualTo(jars);
        assertThat(portion.compartment()).isEqualTo(where);
        assertThat(portion.pieces()).isZero();
    }

    @Test
    void whatIsCountedIsHandedOutWhole() {
        Portion one = Portion.of("dish", LIME, BigDecimal.valueOf(50), true);
        assertThat(one.pieces())
                .as("50 g of juice and flesh are 62.5 of a lime of 70")
                .isEqualTo(1);
        assertThat(one.grams()).isEqualByComparingTo("70");
        assertThat(List.of("62.4", "62.5", "71", "71.1"))
                .extracting(weight -> one.fits(new BigDecimal(weight)))
                .containsExactly(false, true, true, false);
        assertThat(Portion.of("dish", LIME, BigDecimal.valueOf(60), true).pieces())
                .isEqualTo(2);
    }

    @Test
    void theToleranceOfAnItemComesBeforeTheScales() {
        Item coarse = RICE.withTolerance(Optional.of(BigDecimal.valueOf(20)));
        Portion portion = Portion.of("dish", coarse, BigDecimal.valueOf(101), false);
        assertThat(portion.grams()).isEqualByComparingTo("120");
        assertThat(portion.most()).isEqualByComparingTo("140");
    }
}
