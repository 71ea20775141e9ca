package hopsel.web.bench;

import hopsel.core.bench.ByTaste;
import hopsel.core.bench.Colleague;
import hopsel.core.bench.Edits;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.KnownSubstitution;
import hopsel.core.bench.Ladders;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Objection;
import hopsel.core.bench.PerWeight;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Resize;
import hopsel.core.bench.Rounds;
import hopsel.core.bench.StepNote;
import hopsel.core.bench.Substitutions;
import hopsel.core.bench.Vessel;
import hopsel.core.bench.Worksheet;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.RecipeLines;
import hopsel.core.recipe.TimeReader;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.bench.Entered.BadEntryException;
import hopsel.web.catalogue.HouseCatalogue;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Turns what was sent from the bench into edits of the core, by the name of the action. */
@Component
class BenchActions {

    private final HouseCatalogue house;
    private final BenchStore store;
    private final Map<String, Action> actions = new LinkedHashMap<>();

    BenchActions(HouseCatalogue house, BenchStore store) {
        this.house = house;
        this.store = store;
        actions.put("dish", this::dish);
        actions.put("step", this::step);
        actions.put("correct", this::correct);
        actions.put("retime", this::retime);
        actions.put("split", (sheet, in) -> done(Edits.split(sheet, in.must("step"), in.minutes("at").orElseGet(() -> half(sheet, in))), "cut a step in two"));
        actions.put("join", (sheet, in) -> done(Edits.join(sheet, in.must("step")), "joined two steps"));
        actions.put("move", (sheet, in) -> done(Edits.move(sheet, in.must("step"), in.must("component"), in.number("position").orElse(BigDecimal.ZERO).intValue()), "moved a step"));
        actions.put("tie", (sheet, in) -> done(Edits.tie(sheet, in.must("before"), in.must("then"), in.minutes("wait").orElse(Minutes.ZERO), in.minutes("within")), "tied two steps"));
        actions.put("untie", (sheet, in) -> done(Edits.untie(sheet, in.must("before"), in.must("then")), "untied two steps"));
        actions.put("add-step", (sheet, in) -> done(Edits.addStep(sheet, in.must("component"), in.must("title")), "added a step"));
        actions.put("remove-step", (sheet, in) -> done(Edits.removeStep(sheet, in.must("step")), "took a step away"));
        actions.put("add-line", (sheet, in) -> addLine(sheet, in, in.must("component"), in.must("text")));
        actions.put("line", this::line);
        actions.put("remove-line", (sheet, in) -> done(Edits.removeLine(sheet, in.must("line")), "took an ingredient away"));
        actions.put("taste", this::taste);
        actions.put("rounds", this::rounds);
        actions.put("weight", this::weight);
        actions.put("ladder", this::ladder);
        actions.put("add-component", (sheet, in) -> done(Edits.addComponent(sheet, in.must("title")), "added a component"));
        actions.put("rename-component", (sheet, in) -> done(Edits.renameComponent(sheet, in.must("component"), in.must("title")), "renamed a component"));
        actions.put("remove-component", (sheet, in) -> done(Edits.removeComponent(sheet, in.must("component")), "took a component away"));
        actions.put("base", this::base);
        actions.put("mend", this::mend);
        actions.put("pass", (sheet, in) -> done(sheet.with(sheet.notes().withPassed(in.must("key"), Optional.of(in.must("reason")))), "let something pass"));
        actions.put("unpass", (sheet, in) -> done(sheet.with(sheet.notes().withPassed(in.must("key"), Optional.empty())), "took a pass back"));
        actions.put("style", this::style);
        actions.put("scale", this::scale);
        actions.put("vessel", (sheet, in) -> done(sheet.with(sheet.notes().withVessel(Optional.of(vessel(in)))), "said what it is made in"));
        actions.put("same-in", this::sameIn);
        actions.put("substitute", this::substitute);
        actions.put("read-more", this::readMore);
    }

    /**
     * The dish after an action.
     *
     * @throws BadEntryException    where a field cannot be taken
     * @throws RefusedEditException where the edit cannot be done
     */
    Change apply(StoredDish dish, String action, Map<String, String> fields) throws BadEntryException, RefusedEditException {
        Action found = actions.get(action);
        if (found == null) {
            throw new RefusedEditException("There is nothing of that name to do here. Load the page again.");
        }
        try {
            return found.apply(dish.sheet(), new Entered(fields));
        } catch (IllegalArgumentException e) {
            throw new RefusedEditException(e.getMessage());
        }
    }

    private static Change done(Worksheet sheet, String what) {
        return new Change(sheet, what, List.of());
    }

    private static Step found(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        return sheet.step(in.must("step")).orElseThrow(() -> new RefusedEditException("That step is not there any more. Look at the dish as it is now."));
    }

    private static Minutes half(Worksheet sheet, Entered in) {
        return sheet.step(in.fields().getOrDefault("step", "")).map(step -> Minutes.of(step.minutes().likely().value().divide(BigDecimal.valueOf(2))))
                .orElse(Minutes.of(1));
    }

    private Change dish(Worksheet sheet, Entered in) throws BadEntryException {
        Worksheet next = Edits.dish(sheet, in.must("title"), in.positive("servings").orElse(sheet.dish().servings()));
        return done(next.with(next.notes().withPieces(in.positive("pieces")).withPieceWidth(in.positive("pieceWidth")).withHeadline(in.minutes("headline").filter(time -> time.seconds() > 0))), "renamed or resized the dish");
    }

    private Change step(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step before = found(sheet, in);
        StepMinutes minutes = minutes(in, before);
        Work work = word(Work.values(), Work::word, in.must("work"));
        Optional<Minutes> swap = in.minutes("swap").filter(time -> time.seconds() > 0);
        if (work == Work.HANDS && swap.isPresent()) {
            throw new BadEntryException("swap", "is set, but hands work cannot be swapped out. Take it away, or choose watched.");
        }
        if (swap.isPresent() && swap.get().compareTo(minutes.likely()) > 0) {
            throw new BadEntryException("swap", "is longer than the step itself. Show it for less.");
        }
        List<Use> uses = new ArrayList<>();
        for (IngredientLine line : sheet.dish().lines().toList()) {
            Optional<BigDecimal> share = in.fields().containsKey("share-" + line.id()) ? in.number("share-" + line.id())
                    : before.uses().stream().filter(use -> use.ingredient().equals(line.id())).map(Use::share).findFirst();
            share.filter(value -> value.signum() > 0).map(value -> value.divide(BigDecimal.valueOf(in.fields().containsKey("share-" + line.id()) ? 100 : 1)))
                    .ifPresent(value -> uses.add(new Use(line.id(), value)));
        }
        Step step = new Step(before.id(), in.must("title"), in.text("text"), minutes, work, word(Show.values(), Show::word, in.must("show")), in.needs("needs"),
                before.after(), in.minutes("keeps"), swap, before.uses(), in.minutes("checkEvery").filter(time -> time.seconds() > 0), in.text("cue"), in.text("say"),
                in.isChecked("loud") ? Optional.of("loud") : Optional.empty());
        Worksheet next = Edits.step(sheet, step);
        if (!before.minutes().equals(minutes)) {
            next = Edits.retime(next, step.id(), minutes);
        }
        next = next.with(next.notes().confirm(step.id(), Set.of("minutes")));
        for (IngredientLine line : sheet.dish().lines().toList()) {
            next = Edits.use(next, step.id(), line.id(), uses.stream().filter(use -> use.ingredient().equals(line.id())).map(Use::share).findFirst().orElse(BigDecimal.ZERO));
        }
        StepNote note = next.notes().step(step.id()).withFirstLook(in.minutes("firstLook").filter(time -> time.seconds() > 0));
        return done(next.with(next.notes().withStep(step.id(), note)), "changed “%s”".formatted(step.title()));
    }

    /** A step corrected beside the original: its name, its time as one says it, who is needed, and the cue. */
    private Change correct(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step before = found(sheet, in);
        String said = in.must("time");
        StepMinutes minutes = TimeReader.first(said.matches("[\\d.,\\s½¼¾–-]+") ? said + " minutes" : said).filter(time -> time.likely().seconds() > 0)
                .orElseThrow(() -> new BadEntryException("time", "is “%s”, which is no time. Write it like 20–25 min, or overnight.".formatted(said)));
        Work work = word(Work.values(), Work::word, in.must("work"));
        Step step = new Step(before.id(), in.must("title"), before.text(), minutes, work, before.show(), before.needs(), before.after(), before.keeps(),
                work == Work.HANDS ? Optional.empty() : before.swap().filter(shown -> shown.compareTo(minutes.likely()) <= 0), before.uses(), before.checkEvery(), in.text("cue"), before.say(), before.noise());
        Worksheet next = Edits.retime(Edits.step(sheet, step), step.id(), minutes);
        return done(next, "corrected “%s”".formatted(step.title()));
    }

    private static StepMinutes minutes(Entered in, Step before) throws BadEntryException {
        Minutes likely = in.minutes("likely").filter(time -> time.seconds() > 0)
                .orElseThrow(() -> new BadEntryException("likely", "is missing or 0. Say how many minutes it usually takes."));
        boolean moved = likely.compareTo(before.minutes().likely()) != 0;
        Minutes low = in.minutes("low").orElse(likely);
        Minutes high = in.minutes("high").orElse(likely);
        boolean lowStayed = moved && low.compareTo(before.minutes().low()) == 0 && low.compareTo(likely) > 0;
        boolean highStayed = moved && high.compareTo(before.minutes().high()) == 0 && high.compareTo(likely) < 0;
        low = lowStayed ? likely : low;
        high = highStayed ? likely : high;
        if (low.compareTo(likely) > 0) {
            throw new BadEntryException("low", "is above what it usually takes. Write least, usual and most in this order.");
        }
        if (high.compareTo(likely) < 0) {
            throw new BadEntryException("high", "is below what it usually takes. Write least, usual and most in this order.");
        }
        return new StepMinutes(low, likely, high);
    }

    /** Drawn longer or shorter: the range goes along in proportion. */
    private Change retime(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step step = found(sheet, in);
        Minutes likely = in.minutes("likely").filter(time -> time.seconds() > 0).orElse(Minutes.of(BigDecimal.ONE));
        BigDecimal factor = Decimals.ratio(likely.value(), step.minutes().likely().value());
        StepMinutes minutes = new StepMinutes(rounded(step.minutes().low(), factor).compareTo(likely) > 0 ? likely : rounded(step.minutes().low(), factor), likely,
                rounded(step.minutes().high(), factor).compareTo(likely) < 0 ? likely : rounded(step.minutes().high(), factor));
        return done(Edits.retime(sheet, step.id(), minutes), "“%s” takes %s min".formatted(step.title(), likely));
    }

    private static Minutes rounded(Minutes minutes, BigDecimal factor) {
        BigDecimal two = BigDecimal.valueOf(2);
        return Minutes.of(minutes.value().multiply(factor).multiply(two).setScale(0, RoundingMode.HALF_UP).divide(two));
    }

    private Change addLine(Worksheet sheet, Entered in, String component, String text) throws BadEntryException {
        RecipeLines.Proposed line = RecipeLines.propose(text, new LineReader(sheet.catalogue(house.now()), sheet.measures()), name -> Edits.newLine(sheet, name));
        return done(with(Edits.line(sheet, component, line.line()), line.unknown()), "added " + line.line().item().replace('-', ' '));
    }

    private Change line(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        IngredientLine before = sheet.line(in.must("line")).orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        RecipeLines.Proposed read = RecipeLines.propose(in.must("text"), new LineReader(sheet.catalogue(house.now()), sheet.measures()), name -> before.id());
        Optional<String> chosen = in.text("item");
        Optional<Item> item = chosen.flatMap(words -> named(sheet, words));
        if (chosen.isPresent() && item.isEmpty()) {
            throw new BadEntryException("item", "is “%s”, which the catalogue does not know. Choose one from the list, or add it to the catalogue.".formatted(chosen.get()));
        }
        boolean chose = item.isPresent() && !item.get().id().equals(before.item());
        String id = chose ? item.get().id() : read.unknown().isPresent() ? item.map(Item::id).orElse(read.line().item()) : read.line().item();
        IngredientLine line = new IngredientLine(before.id(), id, read.line().amount(), read.line().prep(),
                in.text("scaling").flatMap(Scaling::of).orElse(before.scaling()), read.line().optional(),
                in.text("from").map(word -> word(Source.values(), Source::word, word)).orElse(before.from()));
        Worksheet next = Edits.line(sheet, "", line);
        return done(id.equals(read.line().item()) ? with(next, read.unknown()) : next, "changed " + id.replace('-', ' '));
    }

    private Optional<Item> named(Worksheet sheet, String words) {
        Catalogue catalogue = sheet.catalogue(house.now());
        return catalogue.find(words).or(() -> catalogue.items().stream().filter(item -> item.name().equalsIgnoreCase(words)).findFirst());
    }

    private static Worksheet with(Worksheet sheet, Optional<Item> unknown) {
        if (unknown.isEmpty() || sheet.items().stream().anyMatch(item -> item.id().equals(unknown.get().id()))) {
            return sheet;
        }
        List<Item> items = new ArrayList<>(sheet.items());
        items.add(unknown.get());
        return new Worksheet(sheet.dish(), items, sheet.measures(), sheet.notes());
    }

    private Change taste(Worksheet sheet, Entered in) throws BadEntryException {
        if (in.number("ceiling").isEmpty()) {
            return done(Edits.byTaste(sheet, in.must("line"), Optional.empty()), "an amount is no longer by taste");
        }
        ByTaste taste = new ByTaste(in.number("start").orElse(BigDecimal.ZERO), in.positive("by").orElse(BigDecimal.ONE), in.positive("ceiling").orElseThrow(), in.must("cue"));
        return done(Edits.byTaste(sheet, in.must("line"), Optional.of(taste)), "an amount is found by taste");
    }

    private Change rounds(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Optional<BigDecimal> pieces = in.positive("pieceGrams").isPresent() ? Optional.of(Resize.piecesOf(sheet, in.must("step"), in.positive("pieceGrams").get(), house.now())) : in.positive("pieces");
        Rounds rounds = new Rounds(pieces.orElseThrow(() -> new BadEntryException("pieces", "is empty. How many are there, or what does one weigh?")),
                in.positive("perRound").orElseThrow(() -> new BadEntryException("perRound", "is empty. How many does a pan take at once?")),
                in.minutes("each").filter(time -> time.seconds() > 0).orElseThrow(() -> new BadEntryException("each", "is empty. How long does a round take?")),
                in.number("pans").orElse(BigDecimal.ONE).intValue());
        return new Change(Edits.rounds(sheet, in.must("step"), rounds), "rounds", List.of("%s pieces, %d rounds of %s min: %s min.".formatted(
                rounds.pieces().toPlainString(), rounds.count(), rounds.each(), rounds.minutes())));
    }

    private Change weight(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        PerWeight weight = new PerWeight(in.minutes("base").orElse(Minutes.ZERO), in.minutes("perKg").orElse(Minutes.ZERO));
        Worksheet next = Edits.perWeight(sheet, in.must("step"), weight, house.now());
        return done(next, "minutes by weight: " + next.step(in.must("step")).orElseThrow().minutes().likely() + " min");
    }

    private Change ladder(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Step step = found(sheet, in);
        StepNote note = sheet.notes().step(step.id());
        return done(sheet.with(sheet.notes().withStep(step.id(), note.withLadder(note.ladder().isEmpty() ? Ladders.suggested(step) : List.of()))), "corrections of “%s”".formatted(step.title()));
    }

    private Change base(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        String[] place = in.must("base").split("/", 2);
        StoredDish other = place.length < 2 || !place[0].matches("\\d{1,18}") ? null : store.find(Long.parseLong(place[0])).orElse(null);
        if (other == null) {
            throw new RefusedEditException("That dish is not on the bench any more.");
        }
        return done(Edits.bringIn(sheet, other.sheet(), place[1]), "took in a component of " + other.sheet().dish().title());
    }

    private Change mend(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        String key = in.must("key");
        Objection objection = Colleague.objections(sheet, house.now()).stream().filter(one -> one.key().equals(key) && one.remedy().isPresent()).findFirst()
                .orElseThrow(() -> new RefusedEditException("That is settled already."));
        return done(objection.remedy().get().fix().apply(sheet), objection.remedy().get().label());
    }

    private Change style(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        HouseStyle.Matter matter = HouseStyle.Matter.of(in.must("matter")).orElseThrow(() -> new RefusedEditException("There is no such matter."));
        HouseStyle style = HouseStyle.apply(sheet, matter, in.must("school"), house.now());
        return new Change(style.sheet(), matter.word() + ": " + in.must("school"),
                style.changes().isEmpty() ? List.of("Nothing in this dish had to change for that.") : style.changes());
    }

    private Change scale(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Resize resize = switch (in.must("by")) {
            case "pieces" -> Resize.byPieces(sheet, needed(in, "value"));
            case "line" -> Resize.byIngredient(sheet, in.must("line"), needed(in, "value"), house.now());
            case "vessel" -> Resize.byVessel(sheet, vessel(in));
            default -> Resize.byServings(sheet, needed(in, "value"));
        };
        List<String> told = new ArrayList<>(List.of("Times %s.".formatted(Decimals.plain(resize.factor().round(new MathContext(4))).toPlainString())));
        told.addAll(resize.notes());
        return new Change(resize.sheet(), "another size", told);
    }

    private static BigDecimal needed(Entered in, String field) throws BadEntryException {
        return in.positive(field).orElseThrow(() -> new BadEntryException(field, "is empty. Write a number."));
    }

    private static Vessel vessel(Entered in) throws BadEntryException {
        Vessel.Shape shape = Vessel.Shape.valueOf(in.must("shape").toUpperCase(Locale.ROOT));
        BigDecimal length = needed(in, "length");
        BigDecimal width = shape == Vessel.Shape.ROUND ? length : needed(in, "width");
        return new Vessel(shape, length, width, needed(in, "depth"));
    }

    /** Nothing changes; the cook is told what the same amount does in another vessel. */
    private Change sameIn(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        Vessel now = sheet.notes().vessel().orElseThrow(() -> new RefusedEditException("Say first what the dish is made in."));
        return new Change(sheet, "looked at another vessel", List.of(Resize.sameIn(now, vessel(in), needed(in, "volume"))));
    }

    private Change substitute(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        IngredientLine line = sheet.line(in.must("line")).orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        String use = in.must("use");
        KnownSubstitution known = KnownSubstitution.of(line.item()).stream().filter(one -> one.use().equals(use)).findFirst()
                .orElseThrow(() -> new RefusedEditException("Nothing is known about putting that in its place."));
        return new Change(Substitutions.apply(sheet, line.id(), known, house.now()), "put %s in".formatted(use.replace('-', ' ')), List.of(known.effect()));
    }

    /** A passage that was not understood becomes a line, a step, or is laid aside. */
    private Change readMore(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException {
        String passage = in.must("passage");
        List<String> left = new ArrayList<>(sheet.notes().unread());
        left.remove(passage);
        Notes notes = sheet.notes().withSource(sheet.notes().source(), left);
        String as = in.must("as");
        if (!as.equals("aside") && sheet.dish().components().isEmpty()) {
            throw new RefusedEditException("Add a component first.");
        }
        Worksheet next = sheet.with(notes);
        return as.equals("line") ? addLine(next, in, in.must("component"), passage)
                : done(as.equals("step") ? Edits.addStep(next, in.must("component"), passage) : next, "settled a passage");
    }

    private static <E> E word(E[] values, Function<E, String> word, String text) {
        return Arrays.stream(values).filter(value -> word.apply(value).equals(text)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no such choice as “%s”.".formatted(text)));
    }

    /** One thing that can be done. */
    @FunctionalInterface
    private interface Action {
        Change apply(Worksheet sheet, Entered in) throws BadEntryException, RefusedEditException;
    }

    /**
     * What an action came to.
     *
     * @param sheet the dish afterwards
     * @param what  for the history
     * @param told  what the cook should know
     */
    record Change(Worksheet sheet, String what, List<String> told) {
    }
}
