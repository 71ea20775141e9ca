package hopsel.core.bench;

import hopsel.core.Known;
import hopsel.core.dish.After;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Steps made from other steps. */
public final class Steps {

    private Steps() {}

    /** A step of which nothing more is known. */
    public static Step plain(String id, String title, StepMinutes minutes, Work work, List<After> after) {
        return Step.of(id, title, minutes, work).withAfter(after);
    }

    /** The first part of a cut: what tells the end belongs to the second. */
    static Step opened(Step step) {
        return step.timedByHand()
                .withKeeps(Optional.empty())
                .withSwap(Optional.empty())
                .withCue(Optional.empty())
                .withHandsOn(new HandsOn(step.handsOn().start(), Minutes.ZERO))
                .withFirstLook(Optional.empty());
    }

    /** The second part of a cut: what goes in, and what is said, stays with the first. */
    static Step second(Step step, String id, StepMinutes minutes) {
        Step rest = step.withHandsOn(new HandsOn(Minutes.ZERO, step.handsOn().end()))
                .lasting(minutes)
                .timedByHand();
        return rest.withId(id)
                .withTitle(step.title() + ", on")
                .withText(Optional.empty())
                .withAfter(List.of(After.of(step.id())))
                .withUses(List.of())
                .withSay(Optional.empty());
    }

    /** Both in one: as long as both, and hands work if either is. */
    static Step joined(Step one, Step two) {
        Work work = busier(one.work(), two.work());
        List<Need> needs = new ArrayList<>(one.needs());
        two.needs().stream()
                .filter(need -> needs.stream().noneMatch(own -> own.kind().equals(need.kind())))
                .forEach(needs::add);
        Map<String, BigDecimal> shares = new LinkedHashMap<>();
        Stream.concat(one.uses().stream(), two.uses().stream())
                .forEach(use -> shares.merge(use.ingredient(), use.share(), BigDecimal::add));
        List<After> after = new ArrayList<>(one.after());
        two.after().stream()
                .filter(wait -> !wait.step().equals(one.id())
                        && after.stream().noneMatch(own -> own.step().equals(wait.step())))
                .forEach(after::add);
        StepMinutes minutes = new StepMinutes(
                plus(one.minutes().low(), two.minutes().low()),
                plus(one.minutes().likely(), two.minutes().likely()),
                plus(one.minutes().high(), two.minutes().high()));
        return one.timedByHand().with(draft -> draft.text(Optional.of(one.instruction() + " " + two.instruction()))
                .minutes(minutes)
                .work(work)
                .show(stronger(one.show(), two.show()))
                .needs(needs)
                .after(after)
                .keeps(two.keeps())
                .swap(work == Work.HANDS ? Optional.empty() : one.swap().or(two::swap))
                .uses(shares.entrySet().stream()
                        .map(entry -> new Use(entry.getKey(), entry.getValue()))
                        .toList())
                .checkEvery(one.checkEvery().or(two::checkEvery))
                .firstLook(one.firstLook())
                .cue(two.cue().or(one::cue))
                .say(one.say().or(two::say))
                .noise(one.noise().or(two::noise))
                .tools(both(one.tools(), two.tools()))
                .rescues(both(one.rescues(), two.rescues()))
                .handsOn(
                        work == Work.HANDS
                                ? HandsOn.NONE
                                : new HandsOn(
                                        one.handsOn().start(), two.handsOn().end()))
                .part(Optional.empty())
                .worth(Math.max(one.worth(), two.worth())));
    }

    private static <T> List<T> both(List<T> one, List<T> two) {
        return Stream.concat(one.stream(), two.stream()).distinct().toList();
    }

    private static Work busier(Work one, Work two) {
        return Stream.of(Work.HANDS, Work.WATCH)
                .filter(work -> one == work || two == work)
                .findFirst()
                .orElse(Work.REST);
    }

    private static Show stronger(Show one, Show two) {
        if (one == Show.MUST || two == Show.MUST) {
            return Show.MUST;
        }
        if (one == Show.MAY || two == Show.MAY) {
            return Show.MAY;
        }
        return Show.NEVER;
    }

    private static Minutes plus(Minutes one, Minutes two) {
        return Minutes.of(one.value().add(two.value()));
    }

    /** Waits for another step wherever it waited for one; where it waited for both, the wait for the one counts. */
    static Step redirected(Step step, String from, String to) {
        if (step.id().equals(to)) {
            return step;
        }
        boolean both = step.after().stream().anyMatch(wait -> wait.step().equals(from));
        return step.withAfter(step.after().stream()
                .filter(wait -> !both || !wait.step().equals(to))
                .map(wait -> wait.step().equals(from) ? new After(to, wait.least(), wait.within()) : wait)
                .toList());
    }

    /** Waits for what a step waited for that is taken out. */
    static Step bypassing(Step step, Step gone) {
        if (step.after().stream().noneMatch(wait -> wait.step().equals(gone.id()))) {
            return step;
        }
        List<After> after = new ArrayList<>(step.after().stream()
                .filter(wait -> !wait.step().equals(gone.id()))
                .toList());
        gone.after().stream()
                .filter(wait -> after.stream().noneMatch(own -> own.step().equals(wait.step())))
                .map(wait -> After.of(wait.step()))
                .forEach(after::add);
        return step.withAfter(after);
    }

    /** With other ids, and without waits for steps that do not come along. */
    static Step renamed(Step step, Map<String, String> lines, Map<String, String> steps) {
        List<After> after = step.after().stream()
                .filter(wait -> steps.containsKey(wait.step()))
                .map(wait -> new After(Known.in(steps, wait.step()), wait.least(), wait.within()))
                .toList();
        List<Use> uses = step.uses().stream()
                .filter(use -> lines.containsKey(use.ingredient()))
                .map(use -> new Use(Known.in(lines, use.ingredient()), use.share()))
                .toList();
        return step.withId(steps.get(step.id())).withAfter(after).withUses(uses);
    }
}
