package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.Ladders;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Resize;
import hopsel.core.bench.Things;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.TimeReader;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What is done to steps. */
@Component
class StepActions implements ActionSet {

    private static final int MOST_WORTH = 100;

    private final HouseCatalogue house;

    StepActions(HouseCatalogue house) {
        this.house = house;
    }

    @Override
    public Map<String, BenchAction> actions() {
        Map<String, BenchAction> actions = new LinkedHashMap<>();
        actions.put("step", this::step);
        actions.put("correct", this::correct);
        actions.put("retime", this::retime);
        actions.put(
                "split",
                (sheet, in) -> Change.done(
                        Edits.split(sheet, in.must("step"), in.minutes("at").orElseGet(() -> half(sheet, in))),
                        "split a step"));
        actions.put("join", (sheet, in) -> Change.done(Edits.join(sheet, in.must("step")), "joined two steps"));
        actions.put(
                "move",
                (sheet, in) -> Change.done(
                        Edits.move(
                                sheet,
                                in.must("step"),
                                in.must("component"),
                                in.number("position").orElse(BigDecimal.ZERO).intValue()),
                        "moved a step"));
        actions.put(
                "tie",
                (sheet, in) -> Change.done(
                        Edits.tie(
                                sheet,
                                in.must("before"),
                                in.must("then"),
                                in.minutes("wait").orElse(Minutes.ZERO),
                                in.minutes("within")),
                        "tied two steps"));
        actions.put(
                "untie",
                (sheet, in) -> Change.done(Edits.untie(sheet, in.must("before"), in.must("then")), "untied two steps"));
        actions.put("thing", StepActions::thing);
        actions.put(
                "add-step",
                (sheet, in) ->
                        Change.done(Edits.addStep(sheet, in.must("component"), in.must("title")), "added a step"));
        actions.put(
                "remove-step", (sheet, in) -> Change.done(Edits.removeStep(sheet, in.must("step")), "deleted a step"));
        actions.put("rounds", this::rounds);
        actions.put("weight", this::weight);
        actions.put("ladder", this::ladder);
        return actions;
    }

    private static Step found(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        return sheet.step(in.must("step"))
                .orElseThrow(() ->
                        new RefusedEditException("That step is not there any more. Look at the dish as it is now."));
    }

    /** Where what a step makes goes; nothing chosen is the plate. */
    private static Change thing(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String made = found(sheet, in).title();
        Optional<String> to = in.text("to");
        Things.Moved moved = Things.into(sheet, in.must("step"), in.text("from"), to);
        String into = to.flatMap(sheet::step)
                .map(step -> "“%s” goes into “%s”".formatted(made, step.title()))
                .orElse("“%s” goes into nothing more there".formatted(made));
        List<String> told = moved.noLonger().stream()
                .map(step -> "%s. It no longer waits for “%s”, which comes later.".formatted(into, step.title()))
                .toList();
        return new Change(moved.sheet(), into, told);
    }

    private static Minutes half(Draft sheet, Entered in) {
        return sheet.step(in.fields().getOrDefault("step", ""))
                .map(step -> Minutes.of(step.minutes().likely().value().divide(BigDecimal.valueOf(2))))
                .orElse(Minutes.of(1));
    }

    private Change step(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step before = found(sheet, in);
        StepMinutes minutes = minutes(in, before);
        Work work = in.choice("work", Work.values(), Work::word);
        Optional<Minutes> swap = in.minutes("swap").filter(time -> time.seconds() > 0);
        if (work == Work.HANDS && swap.isPresent()) {
            throw new BadEntryException(
                    "swap", "is set, but hands-on work can't be swapped out. Clear it, or choose “needs watching”.");
        }
        if (swap.isPresent() && swap.get().compareTo(minutes.likely()) > 0) {
            throw new BadEntryException("swap", "is longer than the step itself. Show it for less.");
        }
        Show show = in.choice("show", Show.values(), Show::word);
        List<Use> uses = new ArrayList<>();
        for (IngredientLine line : sheet.dish().lines().toList()) {
            Optional<BigDecimal> share = in.fields().containsKey("share-" + line.id())
                    ? in.number("share-" + line.id())
                    : before.uses().stream()
                            .filter(use -> use.ingredient().equals(line.id()))
                            .map(Use::share)
                            .findFirst();
            share.filter(value -> value.signum() > 0)
                    .map(value ->
                            value.divide(BigDecimal.valueOf(in.fields().containsKey("share-" + line.id()) ? 100 : 1)))
                    .ifPresent(value -> uses.add(new Use(line.id(), value)));
        }
        Step step = before.withTitle(in.must("title"))
                .withText(in.text("text"))
                .withMinutes(minutes)
                .withWork(work)
                .withShow(show)
                .withWorth(
                        show == Show.MAY ? in.whole("worth", 0, MOST_WORTH).orElse(before.worth()) : Step.USUAL_WORTH)
                .withPart(part(in, work, minutes))
                .withHandsOn(hands(in, work, minutes))
                .withNeeds(in.needs("needs"))
                .withKeeps(in.minutes("keeps"))
                .withSwap(swap)
                .withCheckEvery(in.minutes("checkEvery").filter(time -> time.seconds() > 0))
                .withFirstLook(in.minutes("firstLook").filter(time -> time.seconds() > 0))
                .withCue(in.text("cue"))
                .withSay(in.text("say"))
                .withNoise(in.isChecked("loud") ? Optional.of("loud") : Optional.empty())
                .withTools(in.fields().containsKey("tools") ? in.tools("tools") : before.tools())
                .withTechniques(in.fields().containsKey("techniques") ? techniques(in) : before.techniques());
        Draft next = Edits.step(sheet, step);
        if (!before.minutes().equals(minutes)) {
            next = Edits.retime(next, step.id(), minutes);
        }
        next = next.with(next.notes().confirm(step.id(), Set.of("minutes", Notes.SHOWN)));
        for (IngredientLine line : sheet.dish().lines().toList()) {
            next = Edits.use(
                    next,
                    step.id(),
                    line.id(),
                    uses.stream()
                            .filter(use -> use.ingredient().equals(line.id()))
                            .map(Use::share)
                            .findFirst()
                            .orElse(BigDecimal.ZERO));
        }
        return Change.done(next, "changed “%s”".formatted(step.title()));
    }

    /** Minutes that are enough to see of hands work; it cannot be all of them. */
    private static Optional<Minutes> part(Entered in, Work work, StepMinutes minutes) throws BadEntryException {
        Optional<Minutes> part = in.minutes("part").filter(time -> work == Work.HANDS && time.seconds() > 0);
        if (part.isPresent() && part.get().compareTo(minutes.likely()) >= 0) {
            throw new BadEntryException(
                    "part", "is the whole step or more. Show less than %s min of it.".formatted(minutes.likely()));
        }
        return part;
    }

    /** Hands at the ends of what runs by itself; what rests waits by itself at its end. */
    private static HandsOn hands(Entered in, Work work, StepMinutes minutes) throws BadEntryException {
        if (work == Work.HANDS) {
            return HandsOn.NONE;
        }
        HandsOn hands = new HandsOn(
                in.minutes("handsIn").orElse(Minutes.ZERO),
                work == Work.REST ? Minutes.ZERO : in.minutes("handsOut").orElse(Minutes.ZERO));
        if (hands.both().compareTo(minutes.likely()) > 0) {
            throw new BadEntryException(
                    "handsIn", "and out are more than the %s min of the step. Give less.".formatted(minutes.likely()));
        }
        return hands;
    }

    /** A step corrected beside the original: its name, its time as one says it, who is needed, and the cue. */
    private Change correct(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step before = found(sheet, in);
        String said = in.must("time");
        StepMinutes minutes = TimeReader.first(said.matches("[\\d.,\\s½¼¾–-]+") ? said + " minutes" : said)
                .filter(time -> time.likely().value().signum() > 0)
                .orElseThrow(() -> new BadEntryException(
                        "time", "is “%s”, which isn't a time. Write it like 20–25 min, or overnight.".formatted(said)));
        if (minutes.high().value().compareTo(StepMinutes.LONGEST.value()) > 0) {
            throw new BadEntryException("time", "is “%s”. The longest a step can take is 364 days.".formatted(said));
        }
        Work work = in.choice("work", Work.values(), Work::word);
        Optional<Minutes> swap =
                before.swap().filter(shown -> work != Work.HANDS && shown.compareTo(minutes.likely()) <= 0);
        Step step = before.withTitle(in.must("title"))
                .withMinutes(minutes)
                .withWork(work)
                .withSwap(swap)
                .withCue(in.text("cue"));
        Draft next = Edits.retime(Edits.step(sheet, step), step.id(), minutes);
        return Change.done(next, "corrected “%s”".formatted(step.title()));
    }

    private static StepMinutes minutes(Entered in, Step before) throws BadEntryException {
        Minutes likely = in.minutes("likely")
                .filter(time -> time.seconds() > 0)
                .orElseThrow(() ->
                        new BadEntryException("likely", "is missing or 0. Say how many minutes it usually takes."));
        boolean moved = likely.compareTo(before.minutes().likely()) != 0;
        Minutes low = in.minutes("low").orElse(likely);
        Minutes high = in.minutes("high").orElse(likely);
        boolean lowStayed = moved && low.compareTo(before.minutes().low()) == 0 && low.compareTo(likely) > 0;
        boolean highStayed = moved && high.compareTo(before.minutes().high()) == 0 && high.compareTo(likely) < 0;
        low = lowStayed ? likely : low;
        high = highStayed ? likely : high;
        if (low.compareTo(likely) > 0) {
            throw new BadEntryException("low", "is above the usual. Write shortest, usual, longest – in that order.");
        }
        if (high.compareTo(likely) < 0) {
            throw new BadEntryException("high", "is below the usual. Write shortest, usual, longest – in that order.");
        }
        return new StepMinutes(low, likely, high);
    }

    /** Drawn longer or shorter. */
    private Change retime(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step step = found(sheet, in);
        Minutes likely = in.minutes("likely").filter(time -> time.seconds() > 0).orElse(Minutes.of(BigDecimal.ONE));
        return Change.done(
                Edits.retime(sheet, step.id(), step.minutes().stretched(likely)),
                "“%s” takes %s min".formatted(step.title(), likely));
    }

    private Change rounds(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Optional<BigDecimal> pieces = in.positive("pieceGrams").isPresent()
                ? Optional.of(Resize.piecesOf(
                        sheet, in.must("step"), in.positive("pieceGrams").get(), house.now()))
                : in.positive("pieces");
        Rounds rounds = new Rounds(
                pieces.orElseThrow(
                        () -> new BadEntryException("pieces", "is empty. How many are there, or what does one weigh?")),
                in.positive("perRound")
                        .orElseThrow(
                                () -> new BadEntryException("perRound", "is empty. How many does a pan take at once?")),
                in.minutes("each")
                        .filter(time -> time.seconds() > 0)
                        .orElseThrow(() -> new BadEntryException("each", "is empty. How long does a round take?")),
                in.number("pans").orElse(BigDecimal.ONE).intValue());
        return new Change(
                Edits.rounds(sheet, in.must("step"), rounds),
                "rounds",
                List.of("%s pieces, %d batches of %s min: %s min."
                        .formatted(rounds.pieces().toPlainString(), rounds.count(), rounds.each(), rounds.minutes())));
    }

    private Change weight(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        PerWeight weight = new PerWeight(
                in.minutes("base").orElse(Minutes.ZERO), in.minutes("perKg").orElse(Minutes.ZERO));
        Draft next = Edits.perWeight(sheet, in.must("step"), weight, house.now());
        return Change.done(
                next,
                "minutes by weight: "
                        + next.step(in.must("step")).orElseThrow().minutes().likely() + " min");
    }

    private Change ladder(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step step = found(sheet, in);
        List<Rescue> rescues = step.rescues().isEmpty() ? Ladders.suggested(step) : List.of();
        return Change.done(
                sheet.with(sheet.dish().change(step.id(), own -> own.withRescues(rescues))),
                "corrections of “%s”".formatted(step.title()));
    }

    /** The boxes that are ticked; none: it is read off the words again. */
    private static Set<Technique> techniques(Entered in) {
        return Arrays.stream(Technique.values())
                .filter(technique -> in.isChecked("technique-" + technique.word()))
                .collect(Collectors.toSet());
    }
}
