package hopsel.formats.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.PackingRun.Why;
import hopsel.core.kit.Portion;
import hopsel.core.kit.StationTurn;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.mise.Batches;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What may happen at a weighing station, and what may not. */
class PackingRunTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final LocalDate TODAY = LocalDate.parse("2027-02-12");
    private static final Lot RICE = new Lot("R1", Optional.empty());
    private static final Lot TAHINI = new Lot("T1", Optional.of(TODAY));
    private static final Attendee ANA =
            new Attendee("ana", "Ana", List.of(), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);
    private static final Attendee BO =
            new Attendee("bo", "Bo", List.of("sesame"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT);

    private final List<AtStation> log = new ArrayList<>();

    private static IngredientLine line(String item, String grams, boolean optional) {
        return IngredientLine.of(
                        item,
                        item,
                        Optional.of(new Amount(new BigDecimal(grams), new BigDecimal(grams), Unit.G, Optional.empty())))
                .withOptional(optional);
    }

    /** A bowl of rice with tahini that may be left out; a stock whose label has to be read. */
    private static Packing packing(Attendee... attendees) throws Exception {
        CookingClass any = Samples.cooking("lists-sample-00");
        Dish dish = new Dish(
                "bowl",
                "Bowl",
                BigDecimal.ONE,
                List.of(new Component(
                        "all",
                        "All",
                        List.of(
                                line("jasmine-rice", "80", false),
                                line("tahini", "20.2", true),
                                line("plain-stock", "150", true)),
                        List.of())));
        CookingClass cooking = any.withMenu(any.menu()
                        .withItems(List.of())
                        .withDishes(List.of(dish))
                        .withSubstitutions(List.of())
                        .withShared(List.of()))
                .withAttendees(Arrays.asList(attendees));
        List<Kit> kits = KitPacker.pack(
                cooking,
                BUILT_IN,
                Batches.of(
                        cooking, BUILT_IN, Planner.answer(cooking, Wishes.NONE).plan()));
        return Packing.of(cooking, BUILT_IN, kits, List.of(), AsSold.NONE);
    }

    private static Portion.Key key(String item) {
        return new Portion.Key("bowl", item);
    }

    private static Weigh weighed(String kit, String item, String grams, Lot lot, String station) {
        return new Weigh(kit, key(item), new BigDecimal(grams), lot, station);
    }

    /** Does it if it may be done; else says why not. */
    private Optional<Why> attempt(Packing packing, AtStation event) {
        Optional<Refusal> refusal = PackingRun.after(packing, BUILT_IN, log).refusal(event, Set.of(), TODAY);
        if (refusal.isEmpty()) {
            log.add(event);
        }
        return refusal.map(Refusal::why);
    }

    private Optional<Why> weigh(Packing packing, String kit, String item, String grams, Lot lot) {
        return attempt(packing, weighed(kit, item, grams, lot, "1"));
    }

    @Test
    void aPortionIsNeverShortAndNotTooMuch() throws Exception {
        Packing packing = packing(ANA);
        assertThat(weigh(packing, "ana", "tahini", "20.1", TAHINI)).contains(Why.TOO_LITTLE);
        assertThat(weigh(packing, "ana", "tahini", "24", TAHINI)).contains(Why.TOO_MUCH);
        assertThat(weigh(packing, "ana", "tahini", "20.2", TAHINI)).isEmpty();
        assertThat(weigh(packing, "ana", "tahini", "20.2", TAHINI)).contains(Why.ALREADY_IN);
        assertThat(weigh(packing, "ana", "jasmine-rice", "80", TAHINI))
                .as("the pack is tahini")
                .contains(Why.OTHER_ITEM);
        assertThat(weigh(packing, "ana", "jasmine-rice", "80", new Lot("R0", Optional.of(TODAY.minusDays(1)))))
                .contains(Why.PAST_DATE);
        assertThat(weigh(packing, "ana", "peanuts", "80", RICE)).contains(Why.NOT_IN_KIT);
    }

    @Test
    void aKitClosesOnlyOnceEverythingIsInIt() throws Exception {
        Packing packing = packing(ANA);
        weigh(packing, "ana", "jasmine-rice", "80", RICE);
        weigh(packing, "ana", "tahini", "20.5", TAHINI);
        Close close = new Close("ana", "1");
        assertThat(attempt(packing, close)).contains(Why.MISSING);
        Lot stock = new Lot("S1", Optional.empty());
        assertThat(weigh(packing, "ana", "plain-stock", "150", stock)).contains(Why.READ_LABEL);
        log.add(new ReadLabel("plain-stock", stock, "1"));
        assertThat(weigh(packing, "ana", "plain-stock", "150", stock)).isEmpty();
        assertThat(weigh(packing, "ana", "plain-stock", "150", new Lot("S2", Optional.empty())))
                .contains(Why.ALREADY_IN);
        assertThat(attempt(packing, close)).isEmpty();
        assertThat(attempt(packing, new TakeOut("ana", key("tahini"), "1"))).contains(Why.CLOSED);
    }

    @Test
    void whatTheLastBagLeftOnTheStationIsCleanedOffForWhoAvoidsIt() throws Exception {
        Packing packing = packing(ANA, BO);
        assertThat(packing.of("bo").orElseThrow().portions())
                .extracting(Portion::item)
                .doesNotContain("tahini");
        weigh(packing, "ana", "tahini", "20.2", TAHINI);
        assertThat(weigh(packing, "bo", "jasmine-rice", "80", RICE)).contains(Why.CLEAN_FIRST);
        assertThat(attempt(packing, weighed("bo", "jasmine-rice", "80", RICE, "2")))
                .as("another station is clean")
                .isEmpty();
        log.remove(log.size() - 1);
        log.add(new Clean("1"));
        assertThat(weigh(packing, "bo", "jasmine-rice", "80", RICE)).isEmpty();
    }

    @Test
    void twoStationsNeverPackTheSameKit() throws Exception {
        Packing packing = packing(ANA);
        assertThat(attempt(packing, new Claim("ana", "1"))).isEmpty();
        assertThat(attempt(packing, new Claim("ana", "2"))).contains(Why.HELD);
        assertThat(attempt(packing, weighed("ana", "jasmine-rice", "80", RICE, "2")))
                .contains(Why.HELD);
        assertThat(attempt(packing, new Release("ana", "2")))
                .as("whoever is there can free it")
                .isEmpty();
        assertThat(attempt(packing, new Claim("ana", "2"))).isEmpty();
    }

    @Test
    void aGuestWhoChangesAnAllergyAfterwardsMakesTheKitOneToPackAgain() throws Exception {
        Packing before = packing(ANA);
        weigh(before, "ana", "jasmine-rice", "80", RICE);
        weigh(before, "ana", "tahini", "20.2", TAHINI);
        log.add(new ReadLabel("plain-stock", RICE, "1"));
        log.add(weighed("ana", "plain-stock", "150", new Lot("S1", Optional.empty()), "1"));
        attempt(before, new Close("ana", "1"));
        assertThat(PackingRun.after(before, BUILT_IN, log).redo("ana")).isFalse();
        PackingRun after = PackingRun.after(
                packing(new Attendee(
                        "ana", "Ana", List.of("sesame"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT)),
                BUILT_IN,
                log);
        assertThat(after.redo("ana")).isTrue();
        assertThat(after.wrong("ana")).extracting(Portion.Key::item).containsExactly("tahini");
        assertThat(PackingRun.after(packing(BO), BUILT_IN, log).gone()).containsExactly("ana");
    }

    @Test
    void aPackIsTracedToEverybodyWhoGotSomeOfIt() throws Exception {
        Packing packing = packing(ANA, BO);
        weigh(packing, "bo", "jasmine-rice", "80", RICE);
        weigh(packing, "ana", "jasmine-rice", "81", RICE);
        weigh(packing, "ana", "tahini", "20.2", TAHINI);
        assertThat(PackingRun.after(packing, BUILT_IN, log).uses())
                .filteredOn(use -> use.lot().equals(RICE))
                .singleElement()
                .satisfies(use -> {
                    assertThat(use.grams()).isEqualByComparingTo("161");
                    assertThat(use.kits()).containsExactly("bo", "ana");
                });
        log.add(new TakeOut("bo", key("jasmine-rice"), "1"));
        assertThat(PackingRun.after(packing, BUILT_IN, log).uses())
                .filteredOn(use -> use.lot().equals(RICE))
                .singleElement()
                .satisfies(use -> assertThat(use.kits()).containsExactly("ana"));
    }

    /** What a station lays by for when nobody answers is what it would show if all went well. */
    @Test
    void whatLiesAheadIsWhatComesNext() throws Exception {
        Packing packing = packing(ANA, BO);
        log.add(new Claim("ana", "1"));
        StationTurn turn = turn(packing, "ana", "");
        assertThat(turn.left()).isEqualTo(3);
        for (int ahead = 0; ahead <= 3; ahead++) {
            StationTurn then = new StationTurn(
                    packing, PackingRun.after(packing, BUILT_IN, turn.ahead(ahead, log)), "1", "ana", "");
            assertThat(then.left()).isEqualTo(3 - ahead);
            assertThat(then.portion().map(Portion::item))
                    .isEqualTo(turn.missing(turn.kit().orElseThrow()).stream()
                            .skip(ahead)
                            .findFirst()
                            .map(Portion::item));
        }
        assertThat(turn.following().map(kit -> kit.attendee().id())).contains("bo");
        StationTurn row = turn(packing, "", "jasmine-rice");
        assertThat(row.left()).isEqualTo(2);
        assertThat(row.ahead(9, log))
                .as("nothing lies behind the end of the row")
                .hasSize(log.size() + 2);
    }

    private StationTurn turn(Packing packing, String kit, String item) {
        return new StationTurn(packing, PackingRun.after(packing, BUILT_IN, log), "1", kit, item);
    }

    /** To the tenth of a gram: the least and the most are still right. */
    @Test
    void bothEndsOfARangeAreInIt() throws Exception {
        Packing packing = packing(ANA);
        Portion tahini = portion(packing, "tahini");
        PackingRun run = PackingRun.after(packing, BUILT_IN, log);
        BigDecimal crumb = new BigDecimal("0.1");
        assertThat(run.refusal(weigh(tahini.least()), Set.of(), TODAY)).isEmpty();
        assertThat(run.refusal(weigh(tahini.most()), Set.of(), TODAY)).isEmpty();
        assertThat(run.refusal(weigh(tahini.least().subtract(crumb)), Set.of(), TODAY))
                .hasValueSatisfying(refusal -> assertThat(refusal)
                        .returns(Why.TOO_LITTLE, Refusal::why)
                        .returns(List.of("tahini"), Refusal::items)
                        .returns(crumb, PackingRunTest::by));
        assertThat(run.refusal(weigh(tahini.most().add(crumb)), Set.of(), TODAY))
                .hasValueSatisfying(refusal ->
                        assertThat(refusal).returns(Why.TOO_MUCH, Refusal::why).returns(crumb, PackingRunTest::by));
    }

    private static BigDecimal by(Refusal refusal) {
        return refusal.grams().stripTrailingZeros();
    }

    private static Weigh weigh(BigDecimal grams) {
        return new Weigh("ana", key("tahini"), grams, TAHINI, "1");
    }

    private static Portion portion(Packing packing, String item) {
        return packing.of("ana").orElseThrow().portions().stream()
                .filter(own -> own.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    /** Opened again, taken out, closed: what is wrong in it is named before what it lacks. */
    @Test
    void aKitWithSomethingWrongInItIsNotClosedAgain() throws Exception {
        Packing before = packing(ANA);
        weigh(before, "ana", "jasmine-rice", "80", RICE);
        weigh(before, "ana", "tahini", "20.2", TAHINI);
        Lot stock = new Lot("S1", Optional.empty());
        log.add(new ReadLabel("plain-stock", stock, "1"));
        weigh(before, "ana", "plain-stock", "150", stock);
        assertThat(attempt(before, new Close("ana", "1"))).isEmpty();
        assertThat(attempt(before, new TakeOut("ana", key("tahini"), "1"))).contains(Why.CLOSED);
        Packing after = packing(
                new Attendee("ana", "Ana", List.of("sesame"), BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT));
        assertThat(attempt(after, new Reopen("ana", "1"))).isEmpty();
        assertThat(PackingRun.after(after, BUILT_IN, log).closed("ana")).isFalse();
        Optional<Refusal> refusal =
                PackingRun.after(after, BUILT_IN, log).refusal(new Close("ana", "1"), Set.of(), TODAY);
        assertThat(refusal).contains(new Refusal(Why.WRONG, List.of("tahini"), BigDecimal.ZERO, ""));
        assertThat(attempt(after, new TakeOut("ana", key("tahini"), "1"))).isEmpty();
        assertThat(attempt(after, new Close("ana", "1"))).isEmpty();
    }

    /** Only what lies in a box has to be taken out of one; and only of those who get none any more. */
    @Test
    void whoIsGoneIsKnownByWhatLiesInTheirKit() throws Exception {
        Packing both = packing(ANA, BO);
        log.add(new Claim("ana", "1"));
        assertThat(PackingRun.after(both, BUILT_IN, log).holder("ana")).contains("1");
        assertThat(PackingRun.after(both, BUILT_IN, log).holder("bo")).isEmpty();
        assertThat(PackingRun.after(packing(BO), BUILT_IN, log).gone())
                .as("nothing lies in it yet")
                .isEmpty();
        weigh(both, "ana", "jasmine-rice", "80", RICE);
        weigh(both, "bo", "jasmine-rice", "80", RICE);
        assertThat(PackingRun.after(both, BUILT_IN, log).gone()).isEmpty();
        assertThat(PackingRun.after(packing(BO), BUILT_IN, log).gone()).containsExactly("ana");
    }

    /** At a station the chosen kit comes first, then the one that is held there; else nobody's. */
    @Test
    void aStationKnowsWhoseKitIsOnIt() throws Exception {
        Packing packing = packing(ANA, BO);
        assertThat(turn(packing, "", "").kit()).isEmpty();
        log.add(new Claim("bo", "1"));
        log.add(new Claim("ana", "2"));
        assertThat(turn(packing, "", "").kit().map(kit -> kit.attendee().id())).contains("bo");
        assertThat(turn(packing, "ana", "").kit().map(kit -> kit.attendee().id()))
                .contains("ana");
        assertThat(turn(packing, "", "jasmine-rice").kit().map(kit -> kit.attendee()
                        .id()))
                .as("ana's is on the other station")
                .contains("bo");
        assertThat(turn(packing, "bo", "").following())
                .as("nobody else's is free")
                .isEmpty();
        StationTurn down = turn(packing, "", "tahini");
        assertThat(down.kit()).as("bo gets none, ana's is taken").isEmpty();
        log.add(new Release("ana", "2"));
        assertThat(turn(packing, "", "tahini").portion().map(Portion::item)).contains("tahini");
        assertThat(turn(packing, "bo", "").following().map(kit -> kit.attendee().id()))
                .contains("ana");
    }

    /** The pack is offered again that it was last taken from. */
    @Test
    void theLastPackIsStillAtHand() throws Exception {
        Packing packing = packing(ANA, BO);
        Portion rice = portion(packing, "jasmine-rice");
        assertThat(turn(packing, "ana", "").lot(rice)).isEmpty();
        weigh(packing, "ana", "tahini", "20.2", TAHINI);
        assertThat(turn(packing, "ana", "").lot(rice)).as("tahini is no rice").isEmpty();
        weigh(packing, "bo", "jasmine-rice", "80", RICE);
        Lot next = new Lot("R2", Optional.empty());
        log.add(new Clean("1"));
        weigh(packing, "ana", "jasmine-rice", "80", next);
        assertThat(turn(packing, "ana", "").lot(rice)).contains(next);
        List<AtStation> ahead = turn(packing, "ana", "").ahead(1, log);
        assertThat(ahead.get(ahead.size() - 1))
                .as("the stock's pack is not known yet")
                .isInstanceOfSatisfying(
                        Weigh.class, weigh -> assertThat(weigh.lot().name()).isEmpty());
    }
}
