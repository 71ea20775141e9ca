package hopsel.core.bench;

import hopsel.core.dish.After;
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

    private Steps() {
    }

    /** A step of which nothing more is known. */
    public static Step plain(String id, String title, StepMinutes minutes, Work work, List<After> after) {
        return new Step(id, title, Optional.empty(), minutes, work, Show.MAY, List.of(), after, Optional.empty(), Optional.empty(), List.of(),
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    static Step minutes(Step step, StepMinutes minutes) {
        Optional<Minutes> swap = step.swap().map(shown -> shown.compareTo(minutes.likely()) > 0 ? minutes.likely() : shown);
        return new Step(step.id(), step.title(), step.text(), minutes, step.work(), step.show(), step.needs(), step.after(), step.keeps(), swap,
                step.uses(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    static Step after(Step step, List<After> after) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(), after, step.keeps(),
                step.swap(), step.uses(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    static Step uses(Step step, List<Use> uses) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(), step.after(), step.keeps(),
                step.swap(), uses, step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    static Step needs(Step step, List<Need> needs) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), needs, step.after(), step.keeps(),
                step.swap(), step.uses(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    static Step cue(Step step, String cue) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(), step.after(), step.keeps(),
                step.swap(), step.uses(), step.checkEvery(), Optional.of(cue), step.say(), step.noise());
    }

    static Step keeps(Step step, Minutes keeps) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(), step.after(), Optional.of(keeps),
                step.swap(), step.uses(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    static Step text(Step step, String text) {
        return new Step(step.id(), step.title(), Optional.of(text), step.minutes(), step.work(), step.show(), step.needs(), step.after(),
                step.keeps(), step.swap(), step.uses(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }

    /** The first part of a cut: what tells the end belongs to the second. */
    static Step opened(Step step) {
        return new Step(step.id(), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(), step.after(), Optional.empty(),
                Optional.empty(), step.uses(), step.checkEvery(), Optional.empty(), step.say(), step.noise());
    }

    static Step second(Step step, String id, StepMinutes minutes) {
        Optional<Minutes> swap = step.swap().map(shown -> shown.compareTo(minutes.likely()) > 0 ? minutes.likely() : shown);
        return new Step(id, step.title() + ", on", Optional.empty(), minutes, step.work(), step.show(), step.needs(), List.of(After.of(step.id())),
                step.keeps(), swap, List.of(), step.checkEvery(), step.cue(), Optional.empty(), step.noise());
    }

    /** Both in one: as long as both, and hands work if either is. */
    static Step joined(Step one, Step two) {
        Work work = one.work() == Work.HANDS || two.work() == Work.HANDS ? Work.HANDS
                : one.work() == Work.WATCH || two.work() == Work.WATCH ? Work.WATCH : Work.REST;
        List<Need> needs = new ArrayList<>(one.needs());
        two.needs().stream().filter(need -> needs.stream().noneMatch(own -> own.kind().equals(need.kind()))).forEach(needs::add);
        Map<String, BigDecimal> shares = new LinkedHashMap<>();
        Stream.concat(one.uses().stream(), two.uses().stream()).forEach(use -> shares.merge(use.ingredient(), use.share(), BigDecimal::add));
        List<After> after = new ArrayList<>(one.after());
        two.after().stream().filter(wait -> !wait.step().equals(one.id()) && after.stream().noneMatch(own -> own.step().equals(wait.step()))).forEach(after::add);
        StepMinutes minutes = new StepMinutes(plus(one.minutes().low(), two.minutes().low()), plus(one.minutes().likely(), two.minutes().likely()),
                plus(one.minutes().high(), two.minutes().high()));
        return new Step(one.id(), one.title(), Optional.of(one.instruction() + " " + two.instruction()), minutes, work, stronger(one.show(), two.show()),
                needs, after, two.keeps(), work == Work.HANDS ? Optional.empty() : one.swap().or(two::swap),
                shares.entrySet().stream().map(entry -> new Use(entry.getKey(), entry.getValue())).toList(), one.checkEvery().or(two::checkEvery),
                two.cue().or(one::cue), one.say().or(two::say), one.noise().or(two::noise));
    }

    private static Show stronger(Show one, Show two) {
        return one == Show.MUST || two == Show.MUST ? Show.MUST : one == Show.MAY || two == Show.MAY ? Show.MAY : Show.NEVER;
    }

    private static Minutes plus(Minutes one, Minutes two) {
        return Minutes.of(one.value().add(two.value()));
    }

    /** Waits for another step wherever it waited for one. */
    static Step redirected(Step step, String from, String to) {
        return step.id().equals(to) ? step : after(step, step.after().stream().map(wait -> wait.step().equals(from)
                ? new After(to, wait.least(), wait.within()) : wait).toList());
    }

    /** Waits for what a step waited for that is taken out. */
    static Step bypassing(Step step, Step gone) {
        if (step.after().stream().noneMatch(wait -> wait.step().equals(gone.id()))) {
            return step;
        }
        List<After> after = new ArrayList<>(step.after().stream().filter(wait -> !wait.step().equals(gone.id())).toList());
        gone.after().stream().filter(wait -> after.stream().noneMatch(own -> own.step().equals(wait.step()))).map(wait -> After.of(wait.step())).forEach(after::add);
        return after(step, after);
    }

    /** With other ids, and without waits for steps that do not come along. */
    static Step renamed(Step step, Map<String, String> lines, Map<String, String> steps) {
        return new Step(steps.get(step.id()), step.title(), step.text(), step.minutes(), step.work(), step.show(), step.needs(),
                step.after().stream().filter(wait -> steps.containsKey(wait.step()))
                        .map(wait -> new After(steps.get(wait.step()), wait.least(), wait.within())).toList(),
                step.keeps(), step.swap(), step.uses().stream().filter(use -> lines.containsKey(use.ingredient()))
                .map(use -> new Use(lines.get(use.ingredient()), use.share())).toList(), step.checkEvery(), step.cue(), step.say(), step.noise());
    }
}
