package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.PrepWords;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Ready-made changes that put steps and lines in or take them together. */
final class Insertions {

    /** Stirring a dip or a dressing together; a guess that is marked as one. */
    private static final StepMinutes MIXING = StepMinutes.of(Minutes.of(3));

    private Insertions() {}

    /** A step that puts all of a part together, and goes into the last step of the dish. */
    static Draft mixed(Draft sheet, Component part) {
        String id = Slug.free("mix-" + part.id(), taken -> sheet.step(taken).isPresent());
        Step mix = Steps.plain(id, "Mix the " + part.title().toLowerCase(Locale.ROOT), MIXING, Work.HANDS, List.of())
                .withUses(part.ingredients().stream()
                        .map(line -> Use.all(line.id()))
                        .toList());
        Optional<String> end = sheet.dish().steps().map(Step::id).reduce((a, b) -> b);
        Draft next = sheet.eachStep(step -> end.filter(step.id()::equals).isPresent()
                        ? step.withAfter(Stream.concat(step.after().stream(), Stream.of(After.of(id)))
                                .toList())
                        : step)
                .eachComponent(own -> own.id().equals(part.id()) ? own.withSteps(List.of(mix)) : own);
        return next.with(next.notes().guess(id, "minutes"));
    }

    /** Soaking and boiling put in front of whatever uses the line first, as the cautions of the trade ask for. */
    static Draft soakAndBoil(Draft sheet, String line) {
        String soak = free(sheet, "soak-" + line);
        String boil = free(sheet, "boil-" + line);
        String simmer = free(sheet, "simmer-" + line);
        List<Step> first = List.of(
                step(
                        soak,
                        "Soak the beans",
                        "Cover with plenty of cold water; throw the water away afterwards.",
                        new StepMinutes(Minutes.of(480), Minutes.of(600), Minutes.of(1440)),
                        Work.REST,
                        Show.NEVER,
                        List.of(),
                        List.of(),
                        List.of(new Use(line, BigDecimal.ONE)),
                        "Twice the size, and no wrinkles left"),
                hardBoil(boil, After.of(soak)),
                step(
                        simmer,
                        "Simmer the beans",
                        "Lid ajar; salt only at the end if the skins are tough.",
                        new StepMinutes(Minutes.of(45), Minutes.of(60), Minutes.of(90)),
                        Work.WATCH,
                        Show.NEVER,
                        burner(),
                        List.of(After.of(boil)),
                        List.of(),
                        "Soft right through, none of them chalky"));
        return inFront(sheet, line, first);
    }

    private static Step hardBoil(String id, After soaked) {
        return step(
                id,
                "Boil the beans hard",
                "In fresh water, at a rolling boil.",
                StepMinutes.of(Minutes.of(10)),
                Work.WATCH,
                Show.NEVER,
                burner(),
                List.of(soaked),
                List.of(),
                "Ten minutes at a rolling boil");
    }

    /** Ten minutes at a rolling boil behind the step that soaks a line: whatever waited for that waits for the boil. */
    static Draft boilBehind(Draft sheet, String soak, String line) {
        Step boil = hardBoil(free(sheet, "boil-" + line), After.of(soak));
        return sheet.eachComponent(own -> own.withSteps(own.steps().stream()
                .map(step -> step.withAfter(step.after().stream()
                        .map(after -> after.step().equals(soak) ? after.withStep(boil.id()) : after)
                        .toList()))
                .flatMap(step -> step.id().equals(soak) ? Stream.of(step, boil) : Stream.of(step))
                .toList()));
    }

    /** Pressure that builds up before a step, and falls by itself behind it. */
    static Draft pressure(Draft sheet, String component, String id) {
        Step step = sheet.step(id).orElseThrow();
        String build = free(sheet, "build-" + id);
        String release = free(sheet, "release-" + id);
        List<Need> cooker =
                step.needs().stream().filter(need -> need.does(Does.PRESSES)).toList();
        Step building = step(
                build,
                "Let the pressure build",
                "Lid locked, fill line not passed: half for beans and grains.",
                new StepMinutes(Minutes.of(8), Minutes.of(10), Minutes.of(15)),
                Work.WATCH,
                step.show(),
                cooker,
                step.after(),
                List.of(),
                "The valve is up");
        Step falling = step(
                release,
                "Let the pressure fall",
                "By itself; then open it away from faces.",
                new StepMinutes(Minutes.of(10), Minutes.of(15), Minutes.of(20)),
                Work.REST,
                Show.MAY,
                cooker,
                List.of(After.of(id)),
                List.of(),
                "The valve has dropped");
        Draft next = sheet.eachStep(other -> other.id().equals(id)
                ? other.withAfter(List.of(After.of(build)))
                : Steps.redirected(other, id, release));
        return next.eachComponent(own -> !own.id().equals(component)
                ? own
                : own.withSteps(own.steps().stream()
                        .flatMap(
                                other -> other.id().equals(id) ? Stream.of(building, other, falling) : Stream.of(other))
                        .toList()));
    }

    /** Ten minutes of cooling before a step. */
    static Draft coolBefore(Draft sheet, String component, String id) {
        String cool = free(sheet, "cool-before-" + id);
        Step step = sheet.step(id).orElseThrow();
        Step cooling = step(
                cool,
                "Let it cool",
                "Until no steam rises; then no more than half full, vent open, a cloth over the lid.",
                new StepMinutes(Minutes.of(8), Minutes.of(10), Minutes.of(15)),
                Work.REST,
                Show.MAY,
                List.of(),
                step.after(),
                List.of(),
                "No steam rises");
        return sheet.eachComponent(own -> !own.id().equals(component)
                ? own
                : own.withSteps(own.steps().stream()
                        .flatMap(other -> other.id().equals(id)
                                ? Stream.of(cooling, other.withAfter(List.of(After.of(cool))))
                                : Stream.of(other))
                        .toList()));
    }

    /** Ground flax has to gel before it binds: a step of its own before whatever uses the line. */
    static Draft gel(Draft sheet, String line) {
        String gel = free(sheet, "gel-" + line);
        Step gelling = step(
                gel,
                "Let the flax gel",
                "Stir the ground flax with three times its weight of water.",
                new StepMinutes(Minutes.of(8), Minutes.of(10), Minutes.of(15)),
                Work.REST,
                Show.MAY,
                List.of(),
                List.of(),
                List.of(new Use(line, BigDecimal.ONE)),
                "Thick as egg white");
        return inFront(sheet, line, List.of(gelling));
    }

    /** A grain boiled and drained before whatever uses it; how long is a guess, the table's where it has one. */
    static Draft boilFirst(Draft sheet, String line, String name, Optional<StepMinutes> minutes) {
        String id = free(sheet, "boil-" + line);
        Step boiling = step(
                id,
                "Boil the " + name,
                "In plenty of salted water; drain.",
                minutes.orElse(StepMinutes.of(Minutes.of(15))),
                Work.WATCH,
                Show.NEVER,
                burner(),
                List.of(),
                List.of(Use.all(line)),
                "Tender, with no hard middle");
        Draft next = inFront(sheet, line, List.of(boiling.withTechniques(Set.of(Technique.BOIL, Technique.DRAIN))));
        return next.with(next.notes().guess(id, "minutes"));
    }

    /** A step that makes what a line takes for granted, before whatever uses the line; how long it takes is a guess. */
    static Draft madeBefore(Draft sheet, String line, PrepWords.Done done, String name) {
        Technique technique = done.technique();
        String id = free(sheet, done.stem() + "-" + line);
        boolean resting = technique.isAtLeast() || technique == Technique.THAW;
        boolean oven = technique == Technique.BAKE;
        List<Need> needs;
        Work work;
        if (resting) {
            needs = List.of();
            work = Work.REST;
        } else if (technique == Technique.MASH) {
            needs = List.of();
            work = Work.HANDS;
        } else {
            needs = oven
                    ? List.of(new Need(PlaceKind.OVEN.word(), 1, Optional.of(BigDecimal.valueOf(200)), BigDecimal.ZERO))
                    : burner();
            work = Work.WATCH;
        }
        Step making = step(
                id,
                done.verb() + " " + name.toLowerCase(Locale.ROOT),
                done.verb() + ".",
                StepMinutes.of(Minutes.of(resting || oven ? 30 : 12)),
                work,
                Show.NEVER,
                needs,
                List.of(),
                List.of(new Use(line, BigDecimal.ONE)),
                "Done through");
        Draft next = inFront(sheet, line, List.of(making.withTechniques(Set.of(technique))));
        return next.with(next.notes().guess(id, "minutes"));
    }

    /**
     * Steps put at the head of the component of a line: the line goes in at the first of them, and whatever used it
     * waits for the last. Where nothing used it, the component's own first step waits.
     */
    private static Draft inFront(Draft sheet, String line, List<Step> first) {
        String home = sheet.home(line).orElseThrow().id();
        After made = After.of(first.get(first.size() - 1).id());
        boolean used = sheet.dish().steps().anyMatch(step -> usesLine(step, line));
        return sheet.eachComponent(component -> {
            boolean here = component.id().equals(home);
            List<Step> steps = new ArrayList<>(here ? first : List.of());
            for (Step step : component.steps()) {
                List<Use> rest = step.uses().stream()
                        .filter(use -> !use.ingredient().equals(line))
                        .toList();
                boolean waits = usesLine(step, line)
                        || here && !used && step == component.steps().get(0);
                steps.add(waits ? waiting(step.withUses(rest), made) : step);
            }
            return component.withSteps(steps);
        });
    }

    private static boolean usesLine(Step step, String line) {
        return step.uses().stream().anyMatch(use -> use.ingredient().equals(line));
    }

    private static Step waiting(Step step, After made) {
        return step.withAfter(
                Stream.concat(step.after().stream(), Stream.of(made)).toList());
    }

    /** Two lines of the same item and unit in one; what used either uses the whole in proportion. */
    static Draft oneLine(Draft sheet, String kept, String gone) {
        IngredientLine one = sheet.line(kept).orElseThrow();
        IngredientLine two = sheet.line(gone).orElseThrow();
        Amount sum = new Amount(
                one.amount().get().low().add(two.amount().get().low()),
                one.amount().get().high().add(two.amount().get().high()),
                one.amount().get().unit(),
                one.amount().get().size());
        BigDecimal first = Decimals.ratio(one.amount().get().high(), sum.high());
        Draft shared = sheet.eachStep(step -> step.withUses(mergedUses(step, kept, gone, first)));
        return Edits.removeLine(
                shared.eachLine(line -> line.id().equals(kept) ? line.measured(Optional.of(sum)) : line), gone);
    }

    private static List<Use> mergedUses(Step step, String kept, String gone, BigDecimal first) {
        BigDecimal share = BigDecimal.ZERO;
        List<Use> others = new ArrayList<>();
        for (Use use : step.uses()) {
            if (use.ingredient().equals(kept)) {
                share = share.add(use.share().multiply(first));
            } else if (use.ingredient().equals(gone)) {
                share = share.add(use.share().multiply(BigDecimal.ONE.subtract(first)));
            } else {
                others.add(use);
            }
        }
        if (share.signum() > 0) {
            others.add(new Use(
                    kept,
                    share.setScale(9, RoundingMode.DOWN).stripTrailingZeros().max(new BigDecimal("0.000001"))));
        }
        return others;
    }

    /** A line for something that a step uses, without an amount yet. */
    static Draft addLine(Draft sheet, String step, String item) throws RefusedEditException {
        String id = Edits.newLine(sheet, item);
        Draft next =
                Edits.line(sheet, sheet.home(step).orElseThrow().id(), IngredientLine.of(id, item, Optional.empty()));
        return Edits.use(next, step, id, BigDecimal.ONE);
    }

    private static String free(Draft sheet, String name) {
        return Slug.free(name, taken -> sheet.step(taken).isPresent());
    }

    private static List<Need> burner() {
        return List.of(new Need(PlaceKind.BURNER.word(), 1, Optional.empty(), BigDecimal.ZERO));
    }

    private static Step step(
            String id,
            String title,
            String text,
            StepMinutes minutes,
            Work work,
            Show show,
            List<Need> needs,
            List<After> after,
            List<Use> uses,
            String cue) {
        return Step.of(id, title, minutes, work)
                .withText(Optional.of(text))
                .withShow(show)
                .withNeeds(needs)
                .withAfter(after)
                .withUses(uses)
                .withCheckEvery(work == Work.WATCH ? Optional.of(Minutes.of(5)) : Optional.empty())
                .withCue(Optional.of(cue));
    }
}
