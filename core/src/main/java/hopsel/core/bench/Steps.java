package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Tool;
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
        Draft draft = new Draft(step);
        draft.minutes = minutes;
        draft.swap = step.swap().map(shown -> shown.compareTo(minutes.likely()) > 0 ? minutes.likely() : shown);
        return draft.step();
    }

    static Step after(Step step, List<After> after) {
        Draft draft = new Draft(step);
        draft.after = after;
        return draft.step();
    }

    static Step uses(Step step, List<Use> uses) {
        Draft draft = new Draft(step);
        draft.uses = uses;
        return draft.step();
    }

    static Step needs(Step step, List<Need> needs) {
        Draft draft = new Draft(step);
        draft.needs = needs;
        return draft.step();
    }

    static Step cue(Step step, String cue) {
        Draft draft = new Draft(step);
        draft.cue = Optional.of(cue);
        return draft.step();
    }

    static Step keeps(Step step, Minutes keeps) {
        Draft draft = new Draft(step);
        draft.keeps = Optional.of(keeps);
        return draft.step();
    }

    static Step text(Step step, String text) {
        Draft draft = new Draft(step);
        draft.text = Optional.of(text);
        return draft.step();
    }

    /** The first part of a cut: what tells the end belongs to the second. */
    static Step opened(Step step) {
        Draft draft = new Draft(step);
        draft.keeps = Optional.empty();
        draft.swap = Optional.empty();
        draft.cue = Optional.empty();
        return draft.step();
    }

    /** The second part of a cut: what goes in, and what is said, stays with the first. */
    static Step second(Step step, String id, StepMinutes minutes) {
        Draft draft = new Draft(minutes(step, minutes));
        draft.id = id;
        draft.title = step.title() + ", on";
        draft.text = Optional.empty();
        draft.after = List.of(After.of(step.id()));
        draft.uses = List.of();
        draft.say = Optional.empty();
        return draft.step();
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
        Draft draft = new Draft(one);
        draft.text = Optional.of(one.instruction() + " " + two.instruction());
        draft.minutes = minutes;
        draft.work = work;
        draft.show = stronger(one.show(), two.show());
        draft.needs = needs;
        draft.after = after;
        draft.keeps = two.keeps();
        draft.swap = work == Work.HANDS ? Optional.empty() : one.swap().or(two::swap);
        draft.uses = shares.entrySet().stream().map(entry -> new Use(entry.getKey(), entry.getValue())).toList();
        draft.checkEvery = one.checkEvery().or(two::checkEvery);
        draft.cue = two.cue().or(one::cue);
        draft.say = one.say().or(two::say);
        draft.noise = one.noise().or(two::noise);
        draft.tools = Stream.concat(one.tools().stream(), two.tools().stream()).distinct().toList();
        return draft.step();
    }

    private static Show stronger(Show one, Show two) {
        return one == Show.MUST || two == Show.MUST ? Show.MUST : one == Show.MAY || two == Show.MAY ? Show.MAY : Show.NEVER;
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
        return after(step, step.after().stream().filter(wait -> !both || !wait.step().equals(to))
                .map(wait -> wait.step().equals(from) ? new After(to, wait.least(), wait.within()) : wait).toList());
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
        Draft draft = new Draft(step);
        draft.id = steps.get(step.id());
        draft.after = step.after().stream().filter(wait -> steps.containsKey(wait.step()))
                .map(wait -> new After(steps.get(wait.step()), wait.least(), wait.within())).toList();
        draft.uses = step.uses().stream().filter(use -> lines.containsKey(use.ingredient()))
                .map(use -> new Use(lines.get(use.ingredient()), use.share())).toList();
        return draft.step();
    }

    /** A step being changed, so that each change names only what it changes. */
    private static final class Draft {

        private String id;
        private String title;
        private Optional<String> text;
        private StepMinutes minutes;
        private Work work;
        private Show show;
        private List<Need> needs;
        private List<After> after;
        private Optional<Minutes> keeps;
        private Optional<Minutes> swap;
        private List<Use> uses;
        private Optional<Minutes> checkEvery;
        private Optional<String> cue;
        private Optional<String> say;
        private Optional<String> noise;
        private List<Tool> tools;

        Draft(Step step) {
            id = step.id();
            title = step.title();
            text = step.text();
            minutes = step.minutes();
            work = step.work();
            show = step.show();
            needs = step.needs();
            after = step.after();
            keeps = step.keeps();
            swap = step.swap();
            uses = step.uses();
            checkEvery = step.checkEvery();
            cue = step.cue();
            say = step.say();
            noise = step.noise();
            tools = step.tools();
        }

        Step step() {
            return new Step(id, title, text, minutes, work, show, needs, after, keeps, swap, uses, checkEvery, cue, say, noise, tools);
        }
    }
}
