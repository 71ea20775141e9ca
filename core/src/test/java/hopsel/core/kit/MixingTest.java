package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.PackingRun.Why;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Spices for a pan, flour and salt for a dough, and salt for the pan, too: what is mixed for whom, counted by hand. */
class MixingTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 5);

    private static final Item CUMIN = dry("cumin", Trait.SPICE);
    private static final Item CHILLI = dry("chilli", Trait.SPICE);
    private static final Item SALT = dry("salt", Trait.LASTING, Trait.SEASONING);
    private static final Item WHEAT = dry("wheat", Trait.FLOUR).withAllergens(Set.of(Allergen.GLUTEN));
    private static final Item RICE_FLOUR = dry("rice-flour", Trait.FLOUR);
    private static final Item NUTS = dry("nuts", Trait.CRUNCH).withAllergens(Set.of(Allergen.PEANUT));
    private static final Item SOY = poured("soy", Trait.UMAMI).withAllergens(Set.of(Allergen.SOY));
    private static final Item VINEGAR = poured("vinegar", Trait.ACID);
    private static final Item OIL = poured("oil", Trait.FAT);
    private static final Catalogue CATALOGUE =
            Catalogue.of(List.of(CUMIN, CHILLI, SALT, WHEAT, RICE_FLOUR, NUTS, SOY, VINEGAR, OIL));

    private static final CookingClass COOKING =
            FreshClass.on(TODAY, ZoneId.of("Europe/Lisbon")).with(List.of(dish()));

    private static Item dry(String id, Trait... traits) {
        return known(id).withTraits(Set.copyOf(with(Trait.DRY, traits)));
    }

    private static Item poured(String id, Trait... traits) {
        return known(id).withTraits(Set.copyOf(with(Trait.LIQUID, traits)));
    }

    private static List<Trait> with(Trait first, Trait... others) {
        List<Trait> all = new ArrayList<>(List.of(others));
        all.add(first);
        return all;
    }

    private static Item known(String id) {
        return Item.nameOnly(id, id).withOrigin(Origin.PLANT).withGramsPerMl(Optional.of(BigDecimal.ONE));
    }

    private static Dish dish() {
        List<IngredientLine> lines = List.of(
                line("cumin", "cumin"),
                line("chilli", "chilli"),
                line("pansalt", "salt"),
                line("flour", "wheat"),
                line("salt", "salt"),
                line("nuts", "nuts"),
                line("soy", "soy"),
                line("vinegar", "vinegar"),
                line("oil", "oil"));
        List<Step> steps = List.of(
                step("fry", "Bloom the spices", "cumin", "chilli", "pansalt", "nuts"),
                step("dough", "Mix the dough", "flour", "salt"),
                step("dip", "Stir the dip", "soy", "vinegar", "oil"));
        return new Dish("curry", "Curry", BigDecimal.ONE, List.of(new Component("all", "All", lines, steps)));
    }

    private static IngredientLine line(String id, String item) {
        return IngredientLine.of(id, item, Optional.of(Amount.of(BigDecimal.ONE, Unit.G)));
    }

    private static Step step(String id, String title, String... lines) {
        return Step.of(id, title, StepMinutes.of(Minutes.of(5)), Work.HANDS)
                .withUses(List.of(lines).stream()
                        .map(line -> new Use(line, BigDecimal.ONE))
                        .toList());
    }

    private static Kit.Line in(String line, String item, String grams) {
        return new Kit.Line(
                "curry",
                line,
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

    private static List<Kit> kits(int count, Kit.Line... lines) {
        List<Kit> kits = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            kits.add(kit("guest" + i, lines));
        }
        return kits;
    }

    private static Packing packing(List<Kit> kits, boolean mixed) {
        return Packing.of(COOKING, CATALOGUE, kits, List.of(), AsSold.NONE, mixed);
    }

    @Test
    void dryWithDryAndPouredWithPouredAtOneStepAndNothingElse() {
        List<Kit> kits = kits(
                4,
                in("cumin", "cumin", "4"),
                in("chilli", "chilli", "2"),
                in("nuts", "nuts", "30"),
                in("soy", "soy", "20"),
                in("vinegar", "vinegar", "10"),
                in("oil", "oil", "5"),
                in("flour", "wheat", "100"));
        Packing packing = packing(kits, true);
        assertThat(packing.mixing().mixes())
                .extracting(
                        Mix::name,
                        mix -> mix.parts().stream().map(Mix.Part::item).toList(),
                        Mix::grams)
                .as("nuts are no powder, oil swims, flour is alone at its step")
                .containsExactly(
                        tuple("Spices for “Bloom the spices”", List.of("cumin", "chilli"), new BigDecimal("24.0")),
                        tuple("Sauce mix for “Stir the dip”", List.of("soy", "vinegar"), new BigDecimal("120")));
        assertThat(packing(kits, false).weighings()).isEqualTo(28);
        assertThat(packing.weighings())
                .as("2 + 4 in place of 8, twice; 12 by themselves")
                .isEqualTo(24);
        assertThat(packing.bags()).isEqualTo(5 * 4);
        Item spices = packing.catalogue().get(packing.mixing().mixes().get(0).id());
        Item sauce = packing.catalogue().get(packing.mixing().mixes().get(1).id());
        assertThat(sauce.allergens()).containsExactly(Allergen.SOY);
        assertThat(List.of(spices.has(Trait.DRY), spices.isWet(), sauce.has(Trait.DRY), sauce.isWet()))
                .containsExactly(true, false, false, true);
    }

    /** Salt is needed twice: mixed at one step alone it would be put on the scale for every kit all the same. */
    @Test
    void saltAtTwoStepsIsMixedAtBothOrAtNeither() {
        Kit.Line[] lines = {
            in("pansalt", "salt", "1"),
            in("cumin", "cumin", "4"),
            in("chilli", "chilli", "2"),
            in("flour", "wheat", "100"),
            in("salt", "salt", "2")
        };
        assertThat(packing(kits(5, lines), true).weighings())
                .as("mixed at both: 3 + 5 and 2 + 5; 20 by themselves")
                .isEqualTo(15);
        assertThat(packing(kits(3, lines), true).mixing().mixes())
                .as("3 + 3 and 2 + 3 are 11; the spices alone are 2 + 3 + 3 + 3: as many")
                .singleElement()
                .satisfies(mix ->
                        assertThat(mix.parts()).extracting(Mix.Part::item).containsExactly("cumin", "chilli"));
    }

    @Test
    void onlyKitsWithTheSameInTheSameProportionShareAMix() {
        List<Kit> kits = new ArrayList<>(kits(3, in("flour", "wheat", "100"), in("salt", "salt", "2")));
        kits.add(kit("half", in("flour", "wheat", "50"), in("salt", "salt", "1")));
        kits.add(kit("coeliac", in("flour", "rice-flour", "100"), in("salt", "salt", "2")));
        kits.add(kit("bland", in("flour", "wheat", "100"), in("salt", "salt", "1")));
        Packing packing = packing(kits, true);
        assertThat(packing.mixing().mixes()).singleElement().satisfies(mix -> {
            assertThat(mix.shares()).containsOnlyKeys("guest0", "guest1", "guest2", "half");
            assertThat(mix.shares().get("half")).isEqualByComparingTo("51");
            assertThat(mix.parts())
                    .extracting(Mix.Part::exact)
                    .satisfiesExactly(flour -> assertThat(flour).isEqualByComparingTo("350"), salt -> assertThat(salt)
                            .isEqualByComparingTo("7"));
        });
        assertThat(packing.of("coeliac").orElseThrow().portions())
                .extracting(Portion::item)
                .containsExactlyInAnyOrder("rice-flour", "salt");
    }

    @Test
    void aBatchIsNeverTakenForOneWithSomethingElseInIt() {
        String wheat = packing(kits(4, in("flour", "wheat", "100"), in("salt", "salt", "2")), true)
                .mixing()
                .mixes()
                .get(0)
                .id();
        String rice = packing(kits(4, in("flour", "rice-flour", "100"), in("salt", "salt", "2")), true)
                .mixing()
                .mixes()
                .get(0)
                .id();
        assertThat(wheat).isNotEqualTo(rice);
        assertThat(Mixing.isMix(wheat)).isTrue();
    }

    private static final List<Kit> DOUGHS = doughs();

    private static List<Kit> doughs() {
        List<Kit> kits = new ArrayList<>(kits(4, in("flour", "wheat", "100"), in("salt", "salt", "2")));
        Attendee careful = new Attendee(
                "peanut", "peanut", List.of("peanut"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
        kits.add(new Kit(careful, List.of(in("flour", "wheat", "100"), in("salt", "salt", "2")), List.of(), List.of()));
        kits.add(kit("nutty", in("nuts", "nuts", "30")));
        return kits;
    }

    private static final Packing PACKING = packing(DOUGHS, true);
    private static final Mix DOUGH = PACKING.mixing().mixes().get(0);

    private static MakeMix made(String wheat, String salt, String wheatLot) {
        return new MakeMix(
                DOUGH.id(),
                List.of(
                        new Taken("wheat", new BigDecimal(wheat), lot(wheatLot)),
                        new Taken("salt", new BigDecimal(salt), lot("S1"))),
                "1");
    }

    private static Lot lot(String name) {
        return new Lot(name, Optional.empty());
    }

    private static PackingRun after(AtStation... events) {
        return PackingRun.after(PACKING, PACKING.catalogue(), List.of(events));
    }

    private static Why why(PackingRun run, AtStation event) {
        return run.refusal(event, Set.of(), TODAY).map(Refusal::why).orElse(null);
    }

    private static Weigh share(PackingRun run, String kit) {
        return new Weigh(kit, new Portion.Key("curry", DOUGH.id()), BigDecimal.valueOf(105), run.lot(DOUGH.id()), "1");
    }

    @Test
    void aShareComesFromAMixThatWasMadeAndAMixFromPacks() {
        PackingRun empty = after();
        assertThat(empty.toMix()).containsExactly(DOUGH);
        assertThat(why(empty, share(empty, "guest0"))).isEqualTo(Why.MIX_FIRST);
        assertThat(why(empty, made("515", "10.5", ""))).isEqualTo(Why.NO_LOT);
        assertThat(why(empty, made("400", "10.5", "W1"))).isEqualTo(Why.TOO_LITTLE);
        assertThat(why(empty, made("600", "10.5", "W1"))).isEqualTo(Why.TOO_MUCH);
        assertThat(why(empty, made("515", "10.5", "S1"))).isEqualTo(Why.OTHER_ITEM);
        assertThat(why(empty, new MakeMix("mix:gone", List.of(), "1"))).isEqualTo(Why.NO_SUCH_MIX);
        assertThat(why(empty, new MakeMix(DOUGH.id(), List.of(), "1"))).isEqualTo(Why.MISSING);
        assertThat(why(empty, made("515", "10.5", "W1"))).isNull();
        PackingRun run = after(made("515", "10.5", "W1"));
        assertThat(run.toMix()).isEmpty();
        assertThat(why(run, share(run, "guest0"))).isNull();
    }

    @Test
    void aMixIsMadeOnACleanStationForWhomeverGetsIt() {
        Weigh nuts = new Weigh("nutty", new Portion.Key("curry", "nuts"), BigDecimal.valueOf(30), lot("N1"), "1");
        assertThat(why(after(nuts), made("515", "10.5", "W1"))).isEqualTo(Why.CLEAN_FIRST);
        assertThat(why(after(nuts, new Clean("1")), made("515", "10.5", "W1"))).isNull();
    }

    @Test
    void aPackIsTracedThroughTheMixToTheKitsThatGotSome() {
        MakeMix first = made("515", "10.5", "W1");
        PackingRun one = after(first);
        Weigh early = share(one, "guest0");
        MakeMix second = made("515", "10.5", "W2");
        PackingRun two = after(first, early, second);
        PackingRun run = after(first, early, second, share(two, "guest1"), share(two, "peanut"));
        assertThat(run.uses())
                .extracting(PackingRun.Use::item, use -> use.lot().name(), PackingRun.Use::kits)
                .containsExactlyInAnyOrder(
                        tuple("wheat", "W1", List.of("guest0")),
                        tuple("wheat", "W2", List.of("guest1", "peanut")),
                        tuple("salt", "S1", List.of("guest0", "guest1", "peanut")));
        assertThat(run.grams("guest1", "wheat", "W2")).isBetween(new BigDecimal("102.9"), new BigDecimal("103"));
        assertThat(run.grams("guest1", "wheat", "W1")).isZero();
    }

    @Test
    void nothingGoesIntoAKitThatThereIsNotNorOutOfOneThatItIsNotIn() {
        PackingRun run = after(made("515", "10.5", "W1"));
        assertThat(why(run, share(run, "stranger"))).isEqualTo(Why.NO_SUCH_KIT);
        Portion.Key dough = new Portion.Key("curry", DOUGH.id());
        assertThat(why(run, new TakeOut("guest0", dough, "1"))).isEqualTo(Why.NOT_IN);
        PackingRun shared = after(made("515", "10.5", "W1"), share(run, "guest0"));
        assertThat(why(shared, new TakeOut("guest0", dough, "1"))).isNull();
        assertThat(why(shared, share(run, "guest0"))).isEqualTo(Why.ALREADY_IN);
    }

    @Test
    void noKitIsClosedWhileSomethingInItIsAGuess() {
        Catalogue guessed = CATALOGUE.with(List.of(CUMIN.withTakenFor(Optional.of("caraway"))));
        List<Kit> kits = List.of(kit("ana", in("cumin", "cumin", "4")));
        Weigh cumin = new Weigh("ana", new Portion.Key("curry", "cumin"), BigDecimal.valueOf(4), lot("C1"), "1");
        Packing sure = Packing.of(COOKING, CATALOGUE, kits, List.of(), AsSold.NONE, true);
        Packing unsure = Packing.of(COOKING, guessed, kits, List.of(), AsSold.NONE, true);
        assertThat(why(PackingRun.after(sure, sure.catalogue(), List.of(cumin)), new Close("ana", "1")))
                .isNull();
        assertThat(why(PackingRun.after(unsure, unsure.catalogue(), List.of(cumin)), new Close("ana", "1")))
                .isEqualTo(Why.UNCONFIRMED);
    }

    @Test
    void aMixIsOfAnimalsWhereAnythingInItIs() {
        Catalogue honeyed = CATALOGUE.with(List.of(CHILLI.withOrigin(Origin.ANIMAL)));
        Packing packing = Packing.of(
                COOKING,
                honeyed,
                kits(4, in("cumin", "cumin", "4"), in("chilli", "chilli", "2")),
                List.of(),
                AsSold.NONE,
                true);
        assertThat(packing.catalogue().get(packing.mixing().mixes().get(0).id()).origin())
                .isEqualTo(Origin.ANIMAL);
    }

    /** Whichever pack is emptied into the bowl first: each counts for its own part, and all of them are looked at. */
    @Test
    void whatGoesIntoAMixIsLookedAtPartByPart() {
        List<Taken> both = made("515", "10.5", "W1").taken();
        MakeMix saltFirst = new MakeMix(DOUGH.id(), List.of(both.get(1), both.get(0)), "1");
        assertThat(why(after(), saltFirst)).isNull();
        Taken nuts = new Taken("nuts", BigDecimal.ONE, lot("N1"));
        MakeMix withNuts = new MakeMix(DOUGH.id(), List.of(both.get(0), both.get(1), nuts), "1");
        assertThat(after().refusal(withNuts, Set.of(), TODAY))
                .contains(new Refusal(Why.NOT_IN_MIX, List.of("nuts"), BigDecimal.ZERO, ""));
        Lot old = new Lot("S0", Optional.of(TODAY.minusDays(1)));
        MakeMix stale =
                new MakeMix(DOUGH.id(), List.of(both.get(0), new Taken("salt", new BigDecimal("10.5"), old)), "1");
        assertThat(why(after(), stale)).isEqualTo(Why.PAST_DATE);
        MakeMix twice = new MakeMix(DOUGH.id(), List.of(both.get(0), both.get(0)), "1");
        assertThat(why(after(), twice)).isEqualTo(Why.MISSING);
    }

    /** What a pack says on its label has to be read for a mix, too. */
    @Test
    void aMixWaitsForTheLabelsOfItsPacks() {
        Catalogue unread = CATALOGUE.with(List.of(CHILLI.withOrigin(Origin.CHECK_LABEL)));
        Packing packing = Packing.of(
                COOKING,
                unread,
                kits(4, in("cumin", "cumin", "4"), in("chilli", "chilli", "2")),
                List.of(),
                AsSold.NONE,
                true);
        Mix spices = packing.mixing().mixes().get(0);
        List<Taken> taken = spices.parts().stream()
                .map(part -> new Taken(part.item(), part.grams(), lot(part.item())))
                .toList();
        MakeMix made = new MakeMix(spices.id(), taken, "1");
        PackingRun run = PackingRun.after(packing, packing.catalogue(), List.of());
        assertThat(run.refusal(made, Set.of(), TODAY))
                .contains(new Refusal(Why.READ_LABEL, List.of("chilli"), BigDecimal.ZERO, ""));
        assertThat(run.refusal(made, Set.of("chilli"), TODAY)).isEmpty();
        ReadLabel read = new ReadLabel("chilli", lot("chilli"), "1");
        assertThat(PackingRun.after(packing, packing.catalogue(), List.of(read)).refusal(made, Set.of(), TODAY))
                .isEmpty();
    }

    /** A call-back of a pack asks for grams: of the pack, and of nothing else that is in the bag. */
    @Test
    void aBagHasAsMuchOfAPackAsItsBatchHad() {
        PackingRun one = after(made("515", "10.5", "W1"));
        PackingRun two = after(made("515", "10.5", "W1"), made("515", "10.5", "W2"));
        assertThat(one.lot(DOUGH.id())).isNotEqualTo(two.lot(DOUGH.id()));
        String inside = DOUGH.id().substring(DOUGH.id().lastIndexOf('-') + 1);
        assertThat(two.lot(DOUGH.id()).name()).isEqualTo("batch 2 of " + inside);
        StationTurn turn = new StationTurn(PACKING, two, "1", "guest0", "");
        assertThat(turn.lot(turn.portion().orElseThrow())).contains(two.lot(DOUGH.id()));
        Weigh strange =
                new Weigh("guest0", new Portion.Key("curry", DOUGH.id()), BigDecimal.valueOf(105), lot("X"), "1");
        assertThat(after(made("515", "10.5", "W1"), strange).grams("guest0", "wheat", "W1"))
                .as("a bag of which nobody knows the batch")
                .isZero();
        PackingRun run =
                after(made("515", "10.5", "W1"), share(one, "guest0"), made("515", "10.5", "W2"), share(two, "guest1"));
        for (String[] own : new String[][] {{"guest0", "W1", "W2"}, {"guest1", "W2", "W1"}}) {
            assertThat(run.grams(own[0], "wheat", own[1])).isBetween(new BigDecimal("102.8"), new BigDecimal("103"));
            assertThat(run.grams(own[0], "wheat", own[2])).isZero();
            assertThat(run.grams(own[0], "salt", "S1")).isBetween(new BigDecimal("2"), new BigDecimal("2.2"));
            assertThat(run.grams(own[0], "salt", own[1])).isZero();
        }
        Weigh nuts = new Weigh("nutty", new Portion.Key("curry", "nuts"), BigDecimal.valueOf(30), lot("N1"), "1");
        assertThat(after(nuts).grams("nutty", "nuts", "N1")).isEqualByComparingTo("30");
        assertThat(after(nuts).grams("nutty", "nuts", "N2")).isZero();
        assertThat(after(nuts).grams("nutty", "wheat", "N1")).isZero();
    }

    /** Things of another weight to the spoon lie beside each other in a mix. */
    @Test
    void aMixWeighsWhatItsPartsWeighBesideEachOther() {
        Catalogue heavy = CATALOGUE.with(List.of(CHILLI.withGramsPerMl(Optional.of(new BigDecimal("0.5")))));
        List<Kit> spiced = kits(4, in("cumin", "cumin", "4"), in("chilli", "chilli", "2"));
        Packing packing = Packing.of(COOKING, heavy, spiced, List.of(), AsSold.NONE, true);
        Mix mix = packing.mixing().mixes().get(0);
        assertThat(packing.catalogue().get(mix.id()).gramsPerMl().orElseThrow())
                .as("4 g in 4 ml and 2 g in 4 ml")
                .isEqualByComparingTo("0.75");
        Catalogue unknown = CATALOGUE.with(List.of(CHILLI.withGramsPerMl(Optional.empty())));
        assertThat(Mixing.of(COOKING, unknown, spiced).mixes())
                .as("nobody knows what jar it fills")
                .isEmpty();
    }

    @Test
    void mixesWithFewerAllergensAreMadeFirst() {
        Packing both = packing(
                kits(
                        4,
                        in("soy", "soy", "20"),
                        in("vinegar", "vinegar", "10"),
                        in("cumin", "cumin", "4"),
                        in("chilli", "chilli", "2")),
                true);
        PackingRun run = PackingRun.after(both, both.catalogue(), List.of());
        assertThat(run.toMix())
                .hasSize(2)
                .isSortedAccordingTo((one, two) -> Integer.compare(
                        both.catalogue().get(one.id()).allergens().size(),
                        both.catalogue().get(two.id()).allergens().size()));
        assertThat(run.item("soy")).isEqualTo(SOY);
    }

    /** Nobody can check what they avoid: everything else is washed away, but what they get anyway is not. */
    @Test
    void whatIsInTheirOwnKitIsNotWashedAwayForThem() {
        Attendee said = new Attendee("birch", "birch", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT)
                .saying(List.of("birch pollen"));
        Kit own = new Kit(said, List.of(in("cumin", "cumin", "4"), in("chilli", "chilli", "2")), List.of(), List.of());
        Packing packing = packing(List.of(own, kit("nutty", in("nuts", "nuts", "30"))), true);
        Weigh cumin = new Weigh("birch", new Portion.Key("curry", "cumin"), BigDecimal.valueOf(4), lot("C1"), "1");
        Weigh nuts = new Weigh("nutty", new Portion.Key("curry", "nuts"), BigDecimal.valueOf(30), lot("N1"), "1");
        PackingRun run = PackingRun.after(packing, packing.catalogue(), List.of(cumin, nuts));
        assertThat(run.carriedOver("1", "birch")).containsExactly("nuts");
    }

    @Test
    void aShareLeavesWhatIsInItsMixOnTheStation() {
        List<Kit> kits = new ArrayList<>(DOUGHS);
        Attendee coeliac = new Attendee(
                "coeliac", "coeliac", List.of("gluten"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
        kits.add(new Kit(coeliac, List.of(in("flour", "rice-flour", "100")), List.of(), List.of()));
        Packing packing = packing(kits, true);
        Mix dough = packing.mixing().mixes().get(0);
        MakeMix made = new MakeMix(
                dough.id(),
                List.of(
                        new Taken("wheat", new BigDecimal("515"), lot("W1")),
                        new Taken("salt", new BigDecimal("10.5"), lot("S1"))),
                "1");
        PackingRun one = PackingRun.after(packing, packing.catalogue(), List.of(made));
        Weigh share = new Weigh(
                "guest0", new Portion.Key("curry", dough.id()), BigDecimal.valueOf(105), one.lot(dough.id()), "2");
        PackingRun run = PackingRun.after(packing, packing.catalogue(), List.of(made, share));
        assertThat(run.carriedOver("2", "coeliac")).containsExactly("wheat");
        assertThat(run.carriedOver("2", "guest1")).isEmpty();
        assertThat(run.grams("guest0", "wheat", "W1")).isPositive();
        assertThat(run.grams("guest1", "wheat", "W1")).isZero();
        assertThat(dough.errorPercent(dough.parts().get(0))).isOne();
        assertThat(packing.catalogue().get(dough.id()).origin()).isEqualTo(Origin.PLANT);
    }

    @Test
    void whatIsCountedOrFoundByTasteOrGuessedIsNeverMixed() {
        Kit.Line counted = new Kit.Line(
                "curry",
                "cumin",
                "cumin",
                BigDecimal.valueOf(4),
                Optional.empty(),
                Optional.empty(),
                Working.NONE,
                true,
                Optional.empty());
        Kit.Line byTaste = new Kit.Line(
                "curry",
                "cumin",
                "cumin",
                BigDecimal.valueOf(4),
                Optional.empty(),
                Optional.empty(),
                Working.NONE,
                false,
                Optional.of("until it smells"));
        for (Kit.Line line : List.of(counted, byTaste)) {
            assertThat(packing(kits(5, line, in("chilli", "chilli", "2")), true)
                            .mixing()
                            .mixes())
                    .isEmpty();
        }
        Catalogue guessed = Catalogue.of(List.of(CUMIN.withTakenFor(Optional.of("caraway")), CHILLI));
        assertThat(Mixing.of(COOKING, guessed, kits(5, in("cumin", "cumin", "4"), in("chilli", "chilli", "2")))
                        .mixes())
                .isEmpty();
        Catalogue cold = Catalogue.of(List.of(CUMIN.withStorage(Optional.of(Storage.CHILLED)), CHILLI));
        assertThat(Mixing.of(COOKING, cold, kits(5, in("cumin", "cumin", "4"), in("chilli", "chilli", "2")))
                        .mixes())
                .as("in a bag of dry things nobody would keep it cold")
                .isEmpty();
        CookingClass halves = COOKING.with(List.of(dish().eachStep(step -> step.withUses(step.uses().stream()
                .map(use -> use.withShare(new BigDecimal("0.5")))
                .toList()))));
        assertThat(Mixing.of(halves, CATALOGUE, kits(5, in("cumin", "cumin", "4"), in("chilli", "chilli", "2")))
                        .mixes())
                .as("half of it goes in there")
                .isEmpty();
        assertThat(Mixing.isMix("cumin")).isFalse();
    }
}
