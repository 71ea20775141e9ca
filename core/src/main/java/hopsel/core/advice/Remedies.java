package hopsel.core.advice;

import hopsel.core.advice.Remedy.Mending;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.food.Staging;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Conflict;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What would mend a class that overruns or cannot be held: every single change that might is tried by planning with it,
 * and those that help are ranked by how much.
 */
public final class Remedies {

    private static final long SHOWN_FOR = 2;
    private static final long OPEN_MINUTES = 120;
    private static final int[] HOURS_EARLIER = {2, 4, 8, 12, 18, 24, 36, 48};
    private static final int[] LONGER = {1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 240, 480};

    private final CookingClass cooking;
    private final Wishes wishes;
    private final Plan now;
    private static final int EVENINGS = 1_000;
    private static final long SEED = 5;
    private static final int MOST_DECIDERS = 3;
    private static final long[] MORE_MINUTES = {5, 10};
    /** Minutes of a slot from which on it is worth asking what to do with them. */
    private static final long WORTH_USING = 5;
    /** Minutes that are left even so. */
    private static final long SPARE = 2;

    private static final long LONGEST_TALK = 10;
    private static final int FIVE = 5;
    /** A share of the evenings that a change has to gain. */
    private static final double WORTH_IT = 0.03;

    private final List<Remedy> found = new ArrayList<>();

    private Remedies(CookingClass cooking, Wishes wishes, Plan now) {
        this.cooking = cooking;
        this.wishes = wishes;
        this.now = now;
    }

    /**
     * The changes that help, the one that gains most first; for a class that fits as surely as was asked, what could be
     * done with the time that is left.
     */
    public static List<Remedy> of(CookingClass cooking, Wishes wishes, Plan now) {
        Remedies remedies = new Remedies(cooking, wishes, now);
        if (!now.possible()) {
            remedies.impossible();
        } else if (now.overrun() > 0) {
            remedies.overrun();
        } else if (now.lessSureThan(cooking.tempo().sure())) {
            remedies.unsure();
        } else {
            remedies.spare();
        }
        return remedies.found.stream()
                .sorted(Comparator.comparing((Remedy remedy) -> remedy.kind() == Mending.LONGER)
                        .thenComparing(remedy -> remedy.kind() == Mending.DROP)
                        .thenComparingInt(remedy -> -remedy.gain())
                        .thenComparing(remedy -> -remedy.onTime())
                        .thenComparing(Remedy::kind)
                        .thenComparingInt(remedy -> remedy.after().swaps().size()))
                .toList();
    }

    private void overrun() {
        Set<StepRef> chain = new HashSet<>();
        now.conflicts().forEach(conflict -> chain.addAll(conflict.steps()));
        chain.stream().sorted().forEach(this::tryStep);
        openForMost();
        longer();
        tryHands();
        tryPlaces();
        for (Dish dish : cooking.dishes()) {
            for (Component component : dish.components()) {
                if (dish.components().size() > 1) {
                    attempt(
                            Mending.DROP,
                            Optional.empty(),
                            dish.title() + ": " + component.title(),
                            Variant.without(cooking, dish.id(), component));
                }
            }
        }
    }

    /** What the end hangs on most is swapped out or done ahead; more hands; a few minutes more. */
    private void unsure() {
        Rehearsal.of(cooking, now, EVENINGS, SEED).deciders().stream()
                .map(decider -> decider.activity().step())
                .distinct()
                .limit(MOST_DECIDERS)
                .forEach(this::tryStep);
        attempt(Mending.ASSISTANT, Optional.empty(), "", Variant.person(cooking, Role.ASSISTANT));
        for (long minutes : MORE_MINUTES) {
            attempt(Mending.LONGER, Optional.empty(), String.valueOf(minutes), Variant.longer(cooking, minutes));
        }
    }

    /** Time that the plan leaves is shown in, spoken in, or given back; each as surely in time as was asked. */
    private void spare() {
        long unused = unused(cooking, now);
        if (unused < WORTH_USING) {
            return;
        }
        now.notShown().stream()
                .filter(ref -> cooking.step(ref).worth() > 0)
                .sorted(Comparator.comparingInt(ref -> -cooking.step(ref).worth()))
                .limit(MOST_DECIDERS)
                .forEach(ref -> offer(
                        Mending.SHOW, Optional.of(ref), "", Variant.step(cooking, ref, own -> own.withShow(Show.MUST)
                                .withWorth(Step.USUAL_WORTH))));
        if (Edition.of(cooking) == Edition.SECOND) {
            long talk = Math.min(unused - SPARE, LONGEST_TALK);
            long from = now.airEnd() / 60 / 2;
            offer(Mending.TALK, Optional.empty(), String.valueOf(talk), Variant.talk(cooking, talk, from));
        }
        long shorter = (now.airEnd() / 60 / FIVE + 1L) * FIVE;
        offer(Mending.SHORTER, Optional.empty(), String.valueOf(shorter), cooking.lasting(Minutes.of(shorter)));
    }

    /** Whole minutes of the slot that a plan leaves. */
    public static long unused(CookingClass cooking, Plan plan) {
        return plan.possible() ? Math.max(0, (cooking.airMinutes().seconds() - plan.airEnd()) / 60) : 0;
    }

    private void offer(Mending kind, Optional<StepRef> step, String what, CookingClass variant) {
        Plan after = Planner.sketch(variant, wishes).plan();
        boolean holds = after.possible()
                && after.overrun() == 0
                && !after.lessSureThan(variant.tempo().sure());
        if (holds) {
            found.add(new Remedy(kind, step, what, 0, after, variant));
        }
    }

    /** As much more time as it needs: what always helps, and is asked for last. */
    private void longer() {
        long minutes = (now.overrun() + 59) / 60;
        attempt(Mending.LONGER, Optional.empty(), String.valueOf(minutes), Variant.longer(cooking, minutes));
    }

    private void tryStep(StepRef ref) {
        Step step = cooking.step(ref);
        if (step.work() != Work.HANDS && step.swap().isEmpty() && step.show() != Show.NEVER) {
            Minutes shown = step.minutes().likely().compareTo(Minutes.of(SHOWN_FOR)) < 0
                    ? step.minutes().likely()
                    : Minutes.of(SHOWN_FOR);
            attempt(
                    Mending.SWAP_OUT,
                    Optional.of(ref),
                    "",
                    Variant.step(cooking, ref, own -> own.withSwap(Optional.of(shown))));
        }
        showInPart(ref, step);
        if (step.show() == Show.MUST) {
            attempt(Mending.AHEAD, Optional.of(ref), "", Variant.step(cooking, ref, own -> own.shown(Show.MAY)));
        }
    }

    /** The first few are enough to see; only classes of the second edition know of it. */
    private void showInPart(StepRef ref, Step step) {
        Minutes some = Staging.usualPart(step);
        if (Edition.of(cooking) == Edition.SECOND && Staging.wantsPart(step)) {
            attempt(
                    Mending.PART,
                    Optional.of(ref),
                    some.toString(),
                    Variant.step(cooking, ref, own -> own.withPart(Optional.of(some))));
        }
    }

    /** All that steps need and the kitchen does not have, at once. */
    private void bring() {
        List<Need> missing = new ArrayList<>();
        Stream<Need> needs = cooking.dishes().stream().flatMap(Dish::steps).flatMap(step -> step.needs().stream());
        needs.filter(need -> cooking.resources().stream()
                        .noneMatch(place -> place.kind().equals(need.kind()) && place.units() >= need.units()))
                .filter(need -> missing.stream().noneMatch(other -> other.kind().equals(need.kind())))
                .forEach(missing::add);
        if (!missing.isEmpty()) {
            CookingClass brought = missing.stream().reduce(cooking, Variant::bring, (one, two) -> two);
            String kinds = missing.stream().map(Need::kind).collect(Collectors.joining(", "));
            attempt(Mending.BRING, Optional.empty(), kinds, brought);
        }
    }

    private void tryHands() {
        attempt(Mending.ASSISTANT, Optional.empty(), "", Variant.person(cooking, Role.ASSISTANT));
        attempt(Mending.HOST, Optional.empty(), "", Variant.person(cooking, Role.HOST));
    }

    private void tryPlaces() {
        for (Resource resource : cooking.resources()) {
            attempt(Mending.PLACE, Optional.empty(), resource.kind(), Variant.place(cooking, resource));
        }
    }

    private boolean attempt(Mending kind, Optional<StepRef> step, String what, CookingClass variant) {
        Plan after = Planner.sketch(variant, wishes).plan();
        boolean helps = after.possible() && (!now.possible() || after.overrun() < now.overrun() || surer(after));
        if (helps
                && found.stream()
                        .noneMatch(other -> other.kind() == kind
                                && other.step().equals(step)
                                && other.what().equals(what))) {
            found.add(
                    new Remedy(kind, step, what, now.possible() ? now.overrun() - after.overrun() : 0, after, variant));
        }
        return helps;
    }

    private boolean surer(Plan after) {
        double before = now.pace().flatMap(Pace::onTime).orElse(1.0);
        return after.overrun() <= now.overrun()
                && after.pace().flatMap(Pace::onTime).orElse(0.0) > before + WORTH_IT;
    }

    private void impossible() {
        for (Conflict conflict : now.conflicts()) {
            switch (conflict.rule()) {
                case 3, 4 -> open();
                case 6 -> keep(conflict.steps().get(0));
                default -> {}
            }
        }
        bring();
        tryHands();
        tryPlaces();
    }

    /** The kitchen is opened for two hours, no earlier than it has to be. */
    private void open() {
        for (int hours : HOURS_EARLIER) {
            if (open(hours)) {
                return;
            }
        }
    }

    private boolean open(int hours) {
        long from = -60L * hours;
        return attempt(
                Mending.OPEN,
                Optional.empty(),
                String.valueOf(from),
                Variant.window(cooking, from, from + OPEN_MINUTES));
    }

    /** Of all the hours at which it might be opened, the latest that gains as much as any. */
    private void openForMost() {
        for (int hours : HOURS_EARLIER) {
            open(hours);
        }
        List<Remedy> openings =
                found.stream().filter(remedy -> remedy.kind() == Mending.OPEN).toList();
        openings.stream()
                .max(Comparator.comparingInt(Remedy::gain).thenComparingInt(remedy -> Integer.parseInt(remedy.what())))
                .ifPresent(best -> found.removeIf(remedy -> remedy.kind() == Mending.OPEN && remedy != best));
    }

    /** Something keeps longer, by no more than it has to. */
    private void keep(StepRef ref) {
        for (int longer : LONGER) {
            Optional<Minutes> keeps = cooking.step(ref)
                    .keeps()
                    .map(own -> Minutes.of(own.value().add(Minutes.of(longer).value())));
            if (keeps.isPresent()
                    && attempt(
                            Mending.KEEP,
                            Optional.of(ref),
                            String.valueOf(longer),
                            Variant.step(cooking, ref, own -> own.withKeeps(keeps)))) {
                return;
            }
        }
    }
}
