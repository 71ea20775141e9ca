package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Substitutions;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Passages;
import hopsel.core.dish.Source;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.measure.Scaling;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.RecipeLines;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is done to ingredient lines, and to passages that were not understood. */
@Component
class LineActions implements ActionSet {

    private final HouseCatalogue house;

    LineActions(HouseCatalogue house) {
        this.house = house;
    }

    @Override
    public Map<String, BenchAction> actions() {
        Map<String, BenchAction> actions = new LinkedHashMap<>();
        actions.put("add-line", (sheet, in) -> addLine(sheet, in, in.must("component"), in.must("text")));
        actions.put("line", this::line);
        actions.put(
                "remove-line",
                (sheet, in) -> Change.done(Edits.removeLine(sheet, in.must("line")), "deleted an ingredient"));
        actions.put("taste", this::taste);
        actions.put("substitute", this::substitute);
        actions.put("read-more", this::readMore);
        actions.put("aside-all", (sheet, in) -> asideAll(sheet));
        actions.put("guess", this::guess);
        return actions;
    }

    private Change addLine(Draft sheet, Entered in, String component, String text) throws BadEntryException {
        LineReader reader = new LineReader(sheet.catalogue(house.now()), sheet.measures());
        Draft next = sheet;
        String added = "";
        for (String one : reader.parted(text)) {
            Draft now = next;
            oneFood("text", one, reader);
            RecipeLines.Proposed line = RecipeLines.propose(one, reader, name -> Edits.newLine(now, name));
            next = with(Edits.line(now, component, line.line()), line.unknown());
            added = line.line().item().replace('-', ' ');
        }
        return Change.done(next, "added " + added);
    }

    /** Whoever takes the first of several foods for the whole line loses the others, with what is in them. */
    private static void oneFood(String field, String text, LineReader reader) throws BadEntryException {
        List<String> foods = reader.read(text).foods();
        if (!foods.isEmpty()) {
            throw new BadEntryException(
                    field,
                    "names more than one food: %s. Write one line for each, with its own amount."
                            .formatted(String.join("; ", foods)));
        }
    }

    private Change line(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        IngredientLine before = sheet.line(in.must("line"))
                .orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        LineReader reader = new LineReader(sheet.catalogue(house.now()), sheet.measures());
        oneFood("text", in.must("text"), reader);
        RecipeLines.Proposed read = RecipeLines.propose(in.must("text"), reader, name -> before.id());
        Optional<String> chosen = in.text("item");
        Optional<Item> item = chosen.flatMap(words -> named(sheet, words));
        if (chosen.isPresent() && item.isEmpty()) {
            throw new BadEntryException(
                    "item",
                    "is “%s”, which isn't in the catalogue. Choose one from the list, or add it to the catalogue."
                            .formatted(chosen.get()));
        }
        boolean chose = item.isPresent() && !item.get().id().equals(before.item());
        String id;
        if (chose) {
            id = item.get().id();
        } else if (read.unknown().isPresent()) {
            id = item.map(Item::id).orElse(read.line().item());
        } else {
            id = read.line().item();
        }
        // Whoever chose an item has confirmed it; the same guess as before is still one.
        Optional<String> said = chose || item.isPresent() && before.said().isEmpty()
                ? Optional.empty()
                : read.line().said();
        IngredientLine line = before.measured(read.line().amount())
                .withItem(id)
                .withPrep(read.line().prep())
                .withScaling(in.text("scaling").flatMap(Scaling::of).orElse(before.scaling()))
                .withOptional(read.line().optional())
                .withFrom(in.text("from").isEmpty() ? before.from() : in.choice("from", Source.values(), Source::word))
                .withSaid(said)
                .withVariant(in.text("variant-given").isEmpty() ? before.variant() : in.text("variant"));
        Draft next = Edits.line(sheet, "", line);
        return Change.done(
                        id.equals(read.line().item()) ? with(next, read.unknown()) : next,
                        "changed " + id.replace('-', ' '))
                .always(item.flatMap(known -> always(sheet, in, before, known.id())));
    }

    private Optional<Item> named(Draft sheet, String words) {
        Catalogue catalogue = sheet.catalogue(house.now());
        return catalogue.find(words).or(() -> catalogue.items().stream()
                .filter(item -> item.name().equalsIgnoreCase(words))
                .findFirst());
    }

    private static Draft with(Draft sheet, Optional<Item> unknown) {
        if (unknown.isEmpty()
                || sheet.items().stream()
                        .anyMatch(item -> item.id().equals(unknown.get().id()))) {
            return sheet;
        }
        List<Item> items = new ArrayList<>(sheet.items());
        items.add(unknown.get());
        return sheet.withItems(items);
    }

    private Change taste(Draft sheet, Entered in) throws BadEntryException {
        if (in.number("ceiling").isEmpty()) {
            return Change.done(
                    Edits.byTaste(sheet, in.must("line"), Optional.empty()), "an amount is no longer by taste");
        }
        ByTaste taste = new ByTaste(
                in.number("start").orElse(BigDecimal.ZERO),
                in.positive("by").orElse(BigDecimal.ONE),
                in.positive("ceiling").orElseThrow(),
                in.must("cue"));
        return Change.done(Edits.byTaste(sheet, in.must("line"), Optional.of(taste)), "an amount is found by taste");
    }

    private Change substitute(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        IngredientLine line = sheet.line(in.must("line"))
                .orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        String use = in.must("use");
        KnownSubstitution known = KnownSubstitution.of(line.item()).stream()
                .filter(one -> one.use().equals(use))
                .findFirst()
                .orElseThrow(() -> new RefusedEditException("Nothing is known about putting that in its place."));
        return new Change(
                Substitutions.apply(sheet, line.id(), known, house.now()),
                "put %s in".formatted(use.replace('-', ' ')),
                List.of(known.effect()));
    }

    /** Whoever knows has looked: it is that item. */
    private Change guess(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        IngredientLine line = sheet.line(in.must("line"))
                .orElseThrow(() -> new RefusedEditException("That line is not there any more."));
        return Change.done(
                        Edits.line(sheet, "", line.confirmed()),
                        "confirmed " + line.item().replace('-', ' '))
                .always(always(sheet, in, line, line.item()));
    }

    /** What the words of a line mean in every dish, where the host says so. */
    private Optional<KitchenAnswers.Answer> always(Draft sheet, Entered in, IngredientLine line, String item) {
        return in.isChecked("always")
                ? KitchenAnswers.means(line, sheet.catalogue(house.now()), item)
                : Optional.empty();
    }

    private static Change asideAll(Draft sheet) {
        Passages passages = sheet.dish().passages();
        for (String passage : passages.unread()) {
            passages = passages.laidAside(passage);
        }
        return Change.done(sheet.with(sheet.dish().withPassages(passages)), "ignored everything that was not placed");
    }

    /** A passage that was not understood becomes a line, a step, or is laid aside. */
    private Change readMore(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String passage = in.must("passage");
        Passages passages = sheet.dish().passages();
        String as = in.must("as");
        if (!as.equals("aside") && sheet.dish().components().isEmpty()) {
            throw new RefusedEditException("Add a component first.");
        }
        Draft next = sheet.with(
                sheet.dish().withPassages(as.equals("aside") ? passages.laidAside(passage) : passages.placed(passage)));
        if (as.equals("line")) {
            return addLine(next, in, in.must("component"), passage);
        }
        return Change.done(
                as.equals("step") ? Edits.addStep(next, in.must("component"), passage) : next, "settled a passage");
    }
}
