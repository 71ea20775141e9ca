package hopsel.core.planned;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.mise.Batches;
import hopsel.core.mise.MiseEnPlace;
import hopsel.core.mise.PrepTask;
import hopsel.core.mise.SafetyCheck;
import hopsel.core.mise.SafetyCheck.Broken;
import hopsel.core.mise.Tray;
import hopsel.core.plan.Outcome;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;
import hopsel.core.provision.Demand;
import hopsel.core.provision.Shopping;
import hopsel.core.shop.Purchase;
import hopsel.core.verify.PlanChecker;
import hopsel.core.verify.Violation;

import java.util.List;
import java.util.Map;

/**
 * A class with its plan, which has passed the checker, and the lists that follow from it. Immutable.
 *
 * @param cooking the class
 * @param catalogue all items it may name
 * @param outcome the plan, which has passed the checker, and how good it is
 * @param batches the demo batch and those for swap-outs
 * @param kits in the order of attendees
 * @param demand of each item, and for what
 * @param sold what goes into kits in packs, as it is sold
 * @param shopping sorted by item
 * @param prep sorted by item, then cut
 * @param trays in the order of the plan
 * @param broken limits of food safety that the plan breaks
 */
public record PlannedClass(
        CookingClass cooking,
        Catalogue catalogue,
        Outcome outcome,
        Batches batches,
        List<Kit> kits,
        Demand demand,
        AsSold sold,
        List<Purchase> shopping,
        List<PrepTask> prep,
        List<Tray> trays,
        List<Broken> broken) {

    /** Whether it ends in its slot on fewer evenings than the host asked for. */
    public boolean unsure() {
        return plan().lessSureThan(cooking.tempo().sure());
    }

    /** The plan. */
    public Plan plan() {
        return outcome.plan();
    }

    /**
     * Plans a class and works out its lists.
     *
     * @param builtIn items that every class may use
     * @throws IllegalStateException if the checker finds a fault in the plan: nobody gets to see such a plan
     */
    public static PlannedClass of(CookingClass cooking, Catalogue builtIn) {
        return of(cooking, builtIn, Planner.answer(cooking, Wishes.NONE));
    }

    /**
     * Works out the lists of a class that is planned already.
     *
     * @throws IllegalStateException if the checker finds a fault in the plan
     */
    public static PlannedClass of(CookingClass cooking, Catalogue builtIn, Outcome outcome) {
        Plan plan = outcome.plan();
        List<Violation> violations = PlanChecker.check(cooking, plan);
        if (!violations.isEmpty()) {
            throw new IllegalStateException("The planner broke its own rules: " + violations);
        }
        Batches batches = Batches.of(cooking, builtIn, plan);
        List<Kit> kits = KitPacker.pack(cooking, builtIn, batches);
        Demand demand = Demand.of(cooking, batches, kits);
        Catalogue catalogue = cooking.catalogue(builtIn);
        AsSold sold = AsSold.of(cooking, builtIn, kits, Shopping.of(cooking, builtIn, demand));
        List<Purchase> shopping = Shopping.of(cooking, builtIn, demand, sold);
        return new PlannedClass(
                cooking,
                catalogue,
                outcome,
                batches,
                kits,
                demand,
                sold,
                shopping,
                MiseEnPlace.prep(batches),
                MiseEnPlace.trays(plan, batches),
                SafetyCheck.of(cooking, plan, catalogue, shopping));
    }

    /**
     * With kits packed for how attendees cook, and the shopping that follows. The plan and the host's own trays stay.
     *
     * @param styles school by matter, by the id of the attendee
     */
    public PlannedClass inStyles(Map<String, Map<Matter, String>> styles, Catalogue builtIn) {
        List<Kit> styled = kits.stream()
                .map(kit -> {
                    Map<Matter, String> schools =
                            styles.getOrDefault(kit.attendee().id(), Map.of());
                    AttendeeClass own = schools.isEmpty() ? null : AttendeeClass.of(this, schools, builtIn);
                    return own == null ? kit : KitPacker.pack(own.cooking(), builtIn, own.batches(), kit.attendee());
                })
                .toList();
        Demand needed = Demand.of(cooking, batches, styled);
        AsSold own = AsSold.of(cooking, builtIn, styled, Shopping.of(cooking, builtIn, needed));
        return new PlannedClass(
                cooking,
                catalogue,
                outcome,
                batches,
                styled,
                needed,
                own,
                Shopping.of(cooking, builtIn, needed, own),
                prep,
                trays,
                broken);
    }

    /** What is bought at these prices. */
    public List<Purchase> bought(Catalogue prices) {
        return Shopping.of(cooking, prices, demand, sold);
    }
}
