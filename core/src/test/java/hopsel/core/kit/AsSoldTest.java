package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.classes.Posting;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Pack;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.kit.AsSold.Why;
import hopsel.core.kit.Portion.Compartment;
import hopsel.core.measure.Working;
import hopsel.core.planned.Parcels;
import hopsel.core.shop.PackChoice;
import hopsel.core.shop.PackCount;
import hopsel.core.shop.Purchase;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Three kits of five things, with what packs cost worked out on paper. */
class AsSoldTest {

    private static final Item COCONUT =
            item("coconut", pack("400", "2.00")).withTraits(Set.of(Trait.LIQUID, Trait.KEEP_COLD));
    private static final Item NOODLES = item("noodles", pack("200", "1.50"));
    private static final Item STOCK = item("stock", pack("500", "1.00"));
    private static final Item YEAST = item("yeast", pack("7", "0.40"), pack("125", "2.10"));
    private static final Item NUTS = item("nuts", pack("150", "2.60"));
    private static final Catalogue CATALOGUE = Catalogue.of(List.of(COCONUT, NOODLES, STOCK, YEAST, NUTS));
    private static final CookingClass COOKING = FreshClass.on(LocalDate.of(2027, 3, 5), ZoneId.of("Europe/Lisbon"));

    private static final List<Kit> KITS = List.of(kit("ana"), kit("ben"), kit("cleo"));
    /** Of noodles the demo takes 100 g more than the kits. */
    private static final List<Purchase> PURCHASES = List.of(
            needed(COCONUT, "780"),
            needed(NOODLES, "700"),
            needed(NUTS, "60"),
            needed(STOCK, "900"),
            needed(YEAST, "6"));

    private static Item item(String id, Pack... packs) {
        return Item.nameOnly(id, id)
                .withOrigin(Origin.PLANT)
                .withStorage(Optional.of(Storage.AMBIENT))
                .withPacks(List.of(packs));
    }

    private static Pack pack(String grams, String price) {
        return new Pack(new BigDecimal(grams), new BigDecimal(price));
    }

    private static Kit kit(String who) {
        Attendee attendee = new Attendee(who, who, List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
        return new Kit(
                attendee,
                List.of(
                        line("soup", "coconut", "200"),
                        line("soup", "noodles", "200"),
                        line("soup", "stock", "300"),
                        line("soup", "yeast", "2"),
                        line("dip", "coconut", "60"),
                        line("dip", "nuts", "20")),
                List.of(),
                List.of());
    }

    private static Kit.Line line(String dish, String item, String grams) {
        return new Kit.Line(
                dish,
                item,
                item,
                new BigDecimal(grams),
                Optional.empty(),
                Optional.empty(),
                Working.NONE,
                false,
                Optional.empty());
    }

    private static Purchase needed(Item item, String grams) {
        BigDecimal needed = new BigDecimal(grams);
        List<PackCount> packs = PackChoice.cover(needed, item.packs());
        BigDecimal bought = packs.stream().map(PackCount::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal cost = packs.stream().map(PackCount::cost).reduce(BigDecimal.ZERO, BigDecimal::add);
        return new Purchase(item.id(), needed, needed, packs, bought, cost, bought.subtract(needed));
    }

    private static AsSold sold(String percent) {
        return AsSold.of(COOKING, CATALOGUE, KITS, PURCHASES, new BigDecimal(percent));
    }

    @Test
    void anOpenedTinDoesNotTravelAndWhatCostsNoMoreGoesOutWhole() {
        assertThat(sold("0").choices())
                .extracting(AsSold.Choice::item, AsSold.Choice::why, AsSold.Choice::all, AsSold.Choice::spared)
                .containsExactly(tuple("coconut", Why.SAFER, 3, 6), tuple("noodles", Why.CHEAPER, 3, 3));
        assertThat(sold("0").extra()).as("three tins for two").isEqualByComparingTo("2.00");
    }

    @ParameterizedTest
    @CsvSource({"17, ''", "25, yeast", "36, stock+yeast", "92, stock+yeast", "94, stock+yeast+nuts"})
    void theMoneyThatMayBeSpentSparesAsManyWeighingsAsItCan(String percent, String bought) {
        assertThat(sold(percent).choices().stream()
                        .filter(choice -> choice.why() == Why.WORTH)
                        .map(AsSold.Choice::item))
                .as("of 11.58 for all kits, less 2.00 for the tins; yeast 0.86, stock 1.20, nuts 6.76; what "
                        + "is left of them keeps")
                .containsExactlyInAnyOrder(bought.isEmpty() ? new String[0] : bought.split("\\+"));
    }

    @Test
    void aTinIsOneThingForTwoDishesAndIsNotWeighed() {
        Packing packing = Packing.of(COOKING, CATALOGUE, KITS, PURCHASES, sold("0"), false);
        Portion tin = packing.kinds().get(0).portions().stream()
                .filter(portion -> portion.item().equals("coconut"))
                .findFirst()
                .orElseThrow();
        assertThat(tin.sold().orElseThrow().dishes()).hasToString("{soup=200, dip=60}");
        assertThat(tin.goesInto("soup")).isTrue();
        assertThat(tin.goesInto("dip")).isTrue();
        assertThat(tin.goesInto("tart")).isFalse();
        assertThat(packing.kinds().get(0).portions())
                .filteredOn(portion -> portion.sold().isEmpty())
                .isNotEmpty()
                .allSatisfy(
                        portion -> assertThat(portion.goesInto(portion.dish())).isTrue())
                .allSatisfy(portion -> assertThat(portion.goesInto("tart")).isFalse());
        assertThat(tin.goesInto("dip")).isTrue();
        assertThat(tin.compartment()).as("unopened").isEqualTo(Compartment.DRY);
        assertThat(tin.fits(new BigDecimal("400"))).isTrue();
        assertThat(packing.weighings()).as("stock, yeast and nuts").isEqualTo(9);
        assertThat(packing.lacks()).as("whole packs are bought, no gram beside").isEmpty();

        Packing weighed = Packing.of(COOKING, CATALOGUE, KITS, PURCHASES, AsSold.NONE, false);
        assertThat(weighed.weighings()).isEqualTo(18);
        assertThat(weighed.kinds().get(0).portions())
                .filteredOn(portion -> portion.item().equals("coconut"))
                .as("out of an opened tin")
                .extracting(Portion::compartment)
                .containsOnly(Compartment.COLD);
    }

    @Test
    void whatIsHandedOutIsBoughtAndTheRestAsBefore() {
        assertThat(sold("0").bought(PURCHASES, CATALOGUE))
                .filteredOn(purchase -> !purchase.item().equals("yeast"))
                .extracting(purchase -> "%s %d, left %s"
                        .formatted(
                                purchase.item(),
                                purchase.packs().get(0).count(),
                                purchase.leftGrams().stripTrailingZeros().toPlainString()))
                .containsExactly("coconut 3, left 0", "noodles 4, left 100", "nuts 1, left 90", "stock 2, left 100");
    }

    /** The class is on Saturday, 6 March. */
    @Test
    void anOpenedTinStaysBehindAndAWholeOneTravels() {
        Posting posting = new Posting(3, 1, 2);
        Packing opened = Packing.of(COOKING, CATALOGUE, KITS, PURCHASES, AsSold.NONE, false);
        assertThat(Parcels.of(COOKING, posting, opened, Map.of()).parcels())
                .hasSize(3)
                .allSatisfy(parcel -> {
                    assertThat(parcel.arrives()).isEqualTo(LocalDate.of(2027, 3, 4));
                    assertThat(parcel.late()).isFalse();
                    assertThat(parcel.stays()).containsOnly(new Parcels.Stays("coconut", Parcels.Why.OPENED));
                });
        Particulars fetches =
                new Particulars("", Particulars.Spice.AS_WRITTEN, Particulars.Delivery.PICK_UP, List.of(), "");
        assertThat(Parcels.of(COOKING, posting, opened, Map.of("ben", fetches)).parcels())
                .extracting(parcel -> parcel.attendee().id())
                .as("Ben comes and takes his")
                .containsExactly("ana", "cleo");
        Packing whole = Packing.of(COOKING, CATALOGUE, KITS, PURCHASES, sold("0"), false);
        assertThat(Parcels.of(COOKING, posting, whole, Map.of()).parcels())
                .allMatch(parcel -> parcel.stays().isEmpty());
    }

    @Test
    void whatHasToStayColdTravelsADayAndLitresNotAtAll() {
        Item tofu = item("tofu").withStorage(Optional.of(Storage.CHILLED)).withTraits(Set.of(Trait.KEEP_COLD));
        Item leaves = item("leaves").withStorage(Optional.of(Storage.CHILLED)).withTraits(Set.of(Trait.WILTS));
        Item broth = item("broth").withTraits(Set.of(Trait.LIQUID));
        Attendee guest = KITS.get(0).attendee();
        Kit kit = new Kit(
                guest,
                List.of(line("soup", "tofu", "150"), line("soup", "broth", "500"), line("soup", "leaves", "20")),
                List.of(),
                List.of());
        Catalogue catalogue = CATALOGUE.with(List.of(tofu, broth, leaves));
        Packing packing = Packing.of(COOKING, catalogue, List.of(kit), List.of(), AsSold.NONE, false);
        assertThat(Parcels.of(COOKING, new Posting(3, 1, 1), packing, Map.of())
                        .parcels()
                        .get(0)
                        .stays())
                .containsExactly(new Parcels.Stays("broth", Parcels.Why.LITRES));
        Parcels.Parcel slow = Parcels.of(COOKING, new Posting(3, 3, 3), packing, Map.of())
                .parcels()
                .get(0);
        assertThat(slow.stays())
                .containsExactlyInAnyOrder(
                        new Parcels.Stays("broth", Parcels.Why.LITRES),
                        new Parcels.Stays("leaves", Parcels.Why.WILTS),
                        new Parcels.Stays("tofu", Parcels.Why.COLD));
        assertThat(slow.byWhy()).containsEntry(Parcels.Why.COLD, List.of("tofu"));
        assertThat(slow.late()).as("there on the day itself").isTrue();
        assertThat(slow.lastDay()).isEqualTo(LocalDate.of(2027, 3, 2));
    }

    @Test
    void aClassThatDoesNotSayItWeighsEverything() {
        CookingClass silent = COOKING.withProvision(COOKING.provision().withAsSoldPercent(Optional.empty()));
        assertThat(AsSold.of(silent, CATALOGUE, KITS, PURCHASES)).isEqualTo(AsSold.NONE);
    }
}
