package hopsel.core.bench;

import hopsel.core.Known;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.UsualTime;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.Spoken;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What there is to say about steps: times, heat, cues, appliances, and what nobody waits for. */
final class StepFindings extends Findings {

    private static final BigDecimal PAPER_LIMIT = BigDecimal.valueOf(220);
    /** Seconds from which a watched step wants a look before its end; kitchen practice. */
    private static final int LONG = 20 * 60;

    StepFindings(Draft sheet, Catalogue builtIn, FoodFlow flow) {
        super(sheet, builtIn, flow);
    }

    @Override
    void look() {
        sheet.dish().components().forEach(component -> component.steps().forEach(step -> step(component, step)));
        looseEnds();
    }

    private void step(Component component, Step step) {
        boolean hot = step.needs().stream().anyMatch(need -> need.does(Does.HEATS));
        time(step);
        temperature(step);
        cue(step, hot);
        firstLook(step);
        appliances(step);
        pressure(component, step);
        paper(step);
        notOnList(step);
        forSome(step);
    }

    /** Half with and half without: two lots, each with its own kits, label and figures. */
    private void forSome(Step step) {
        Variants.said(sheet, step, catalogue)
                .ifPresent(split -> object(
                        Rule.FOR_SOME,
                        step.id(),
                        "“%s” makes two kinds: some %s, others %s. Does each guest get one of them?"
                                .formatted(step.title(), split.title(), split.others()),
                        "Two kinds: %s, %s".formatted(split.title(), split.others()),
                        split::apply));
    }

    private void time(Step step) {
        if (!sheet.notes().isGuessed(step.id(), "minutes")) {
            return;
        }
        String guess = Words.time(step.minutes().likely().seconds());
        Optional<StepMinutes> usual = UsualTime.of(step, flow).map(UsualTime::minutes);
        if (usual.isPresent()) {
            object(
                    Rule.TIME_GUESSED,
                    step.id(),
                    "How long does “%s” take? Usually %s.".formatted(step.title(), range(usual.get())),
                    "Say " + range(usual.get()),
                    now -> {
                        Draft timed = Edits.change(now, step.id(), own -> own.lasting(usual.get()));
                        return timed.with(timed.notes().confirm(step.id(), Set.of("minutes")));
                    });
        } else if (step.work() != Work.HANDS && step.cue().isPresent()) {
            // Nobody knows: "until it gives" is asked, not answered with a figure from nowhere.
            object(
                    Rule.TIME_GUESSED,
                    step.id(),
                    "“%s” goes on until “%s”. About how many minutes is that? The plan needs to know."
                            .formatted(step.title(), step.cue().get()));
        } else {
            object(
                    Rule.TIME_GUESSED,
                    step.id(),
                    "How long does “%s” take? %s is a guess.".formatted(step.title(), guess),
                    "Keep " + guess,
                    now -> now.with(now.notes().confirm(step.id(), Set.of("minutes"))));
        }
    }

    /** Such as "8 to 12 min", or one time where both ends are the same. */
    private static String range(StepMinutes minutes) {
        String low = Words.time(minutes.low().seconds());
        String high = Words.time(minutes.high().seconds());
        return low.equals(high) ? low : low + " to " + high;
    }

    private void temperature(Step step) {
        if (step.needs().stream().anyMatch(StepFindings::unheated)) {
            object(
                    Rule.TEMPERATURE_MISSING,
                    step.id(),
                    "How hot is the oven for “%s”?".formatted(step.title()),
                    "180 °C",
                    now -> Edits.change(
                            now,
                            step.id(),
                            own -> own.withNeeds(own.needs().stream()
                                    .map(need -> unheated(need)
                                            ? new Need(
                                                    need.kind(),
                                                    need.units(),
                                                    Optional.of(BigDecimal.valueOf(180)),
                                                    need.tolerance())
                                            : need)
                                    .toList())));
        }
    }

    private static boolean unheated(Need need) {
        return need.is(PlaceKind.OVEN) && need.celsius().isEmpty();
    }

    private void cue(Step step, boolean hot) {
        boolean tellsItself = HiddenTime.of(step)
                .filter(what -> what == HiddenTime.HEATING || what == HiddenTime.BOILING)
                .isPresent();
        if (step.cue().isEmpty() && hot && !tellsItself && step.work() != Work.REST) {
            String question = "How can you tell “%s” is done?".formatted(step.title());
            Optional<String> cue = flow.product(step.id()).flatMap(made -> Cues.of(step, cooked(step), made));
            if (cue.isEmpty()) {
                object(Rule.CUE_MISSING, step.id(), question);
                return;
            }
            object(
                    Rule.CUE_MISSING,
                    step.id(),
                    question,
                    "When " + cue.get(),
                    now -> Edits.change(now, step.id(), own -> own.withCue(cue)));
        }
    }

    /** What gets its heat at this step: what goes in, and what was cut for it just before. */
    private List<Item> cooked(Step step) {
        Stream<Item> cut = step.after().stream()
                .flatMap(after -> sheet.step(after.step()).stream())
                .filter(before -> TechniqueReader.of(before).contains(Technique.CUT))
                .flatMap(before -> goesIn(before).stream());
        return Stream.concat(goesIn(step).stream(), cut).distinct().toList();
    }

    private List<Item> goesIn(Step step) {
        return step.uses().stream()
                .map(use -> sheet.dish().line(use.ingredient()))
                .flatMap(line -> catalogue.find(line.item()).stream())
                .toList();
    }

    private void firstLook(Step step) {
        boolean closed = step.needs().stream().anyMatch(need -> need.does(Does.PRESSES));
        if (step.work() == Work.WATCH
                && !closed
                && step.minutes().likely().seconds() >= LONG
                && step.firstLook().isEmpty()) {
            Minutes look = minutes(step.minutes().low().seconds() * 5 / 6);
            object(
                    Rule.FIRST_LOOK,
                    step.id(),
                    "“%s” is long enough to go wrong unseen: check before the end.".formatted(step.title()),
                    "First look after " + Words.time(look.seconds()),
                    now -> Edits.change(now, step.id(), own -> own.withFirstLook(Optional.of(look))));
        }
    }

    private void appliances(Step step) {
        for (String kind : Spoken.appliances(step.instruction())) {
            if (step.needs().stream().noneMatch(need -> need.kind().equals(kind))) {
                object(
                        Rule.APPLIANCE_UNNAMED,
                        step.id() + "/" + kind,
                        "“%s” mentions a %s, but doesn't list one.".formatted(step.title(), kind.replace('-', ' ')),
                        "Ask for it",
                        now -> Edits.change(
                                now,
                                step.id(),
                                own -> own.withNeeds(
                                        append(own.needs(), new Need(kind, 1, Optional.empty(), BigDecimal.ZERO)))));
            }
        }
    }

    private static List<Need> append(List<Need> needs, Need need) {
        List<Need> more = new ArrayList<>(needs);
        more.add(need);
        return more;
    }

    /** Building up and letting go take as long as the cooking, and nobody writes them down. */
    private void pressure(Component component, Step step) {
        boolean cooks = step.work() != Work.REST && step.needs().stream().anyMatch(need -> need.does(Does.PRESSES));
        boolean told = sheet.dish()
                .steps()
                .anyMatch(other -> other != step
                        && HiddenTime.of(other)
                                .filter(what -> what == HiddenTime.PRESSURE)
                                .isPresent());
        if (cooks && !told) {
            object(
                    Rule.PRESSURE,
                    step.id(),
                    "“%s” leaves out the time to come up to pressure and down again.".formatted(step.title()),
                    "Add both as steps",
                    now -> Insertions.pressure(now, component.id(), step.id()));
        }
    }

    private void paper(Step step) {
        boolean tooHot = step.needs().stream()
                .anyMatch(need -> need.is(PlaceKind.GRILL)
                        || need.celsius()
                                .filter(c -> c.compareTo(PAPER_LIMIT) > 0)
                                .isPresent());
        if (tooHot && Said.BAKING_PAPER.in(step.instruction())) {
            object(
                    Rule.PAPER,
                    step.id(),
                    "Paper burns under a grill and above about 220 °C.",
                    "Use an oiled tray",
                    now -> Edits.change(
                            now,
                            step.id(),
                            own -> own.withText(
                                    Optional.of(Said.BAKING_PAPER.replaced(own.instruction(), "oiled tray")))));
        }
    }

    private void notOnList(Step step) {
        Spoken.named(step.instruction(), catalogue).forEach((item, said) -> {
            boolean known = sheet.dish()
                    .lines()
                    .anyMatch(line -> line.item().equals(item.id())
                            || isCalled(said, line, step)
                            || Spoken.shares(item, catalogue.find(line.item()), line.prep()));
            boolean named = sheet.dish().components().stream().anyMatch(own -> Spoken.names(item, own.title()))
                    || Spoken.names(item, sheet.dish().title());
            if (!known && !named) {
                object(
                        Rule.NOT_ON_LIST,
                        step.id() + "/" + item.id(),
                        "“%s” uses %s, which isn't in the ingredients.".formatted(step.title(), item.name()),
                        "Add it to the ingredients",
                        now -> Insertions.addLine(now, step.id(), item.id()));
            }
        });
    }

    /** Whether the step means a thing of the list, which goes in there, by a shorter name. */
    private boolean isCalled(String said, IngredientLine line, Step step) {
        return step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id()))
                && catalogue
                        .find(line.item())
                        .filter(own -> Spoken.isCalled(said, own))
                        .isPresent();
    }

    private void looseEnds() {
        Map<String, Integer> starts = DishTimes.of(sheet.dish()).starts();
        List<Step> finals = sheet.dish()
                .steps()
                .filter(step -> sheet.dish().finalSteps().contains(step.id()))
                .toList();
        Optional<Step> last =
                finals.stream().reduce((a, b) -> Known.in(starts, b.id()) >= Known.in(starts, a.id()) ? b : a);
        finals.stream()
                .filter(step -> step != last.orElseThrow())
                .forEach(step -> object(
                        Rule.LOOSE_END,
                        step.id(),
                        "No step uses what “%s” makes.".formatted(step.title()),
                        "“%s” waits for it".formatted(last.get().title()),
                        now -> Edits.tie(now, step.id(), last.get().id(), Minutes.ZERO, Optional.empty())));
    }
}
