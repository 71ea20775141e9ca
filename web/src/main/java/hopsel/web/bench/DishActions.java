package hopsel.web.bench;

import hopsel.core.bench.BringIn;
import hopsel.core.bench.Colleague;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Objection;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Reread;
import hopsel.core.bench.Variants;
import hopsel.core.dish.Yield;
import hopsel.formats.recipefile.RecipeFile;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is done to the dish as a whole: its name, components, style, and what is said about it. */
@Component
class DishActions implements ActionSet {

    private final HouseCatalogue house;
    private final BenchStore store;

    DishActions(HouseCatalogue house, BenchStore store) {
        this.house = house;
        this.store = store;
    }

    private static Change variants(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        List<Variants.Typed> typed = new ArrayList<>();
        for (int i = 0; in.fields().containsKey("variant-" + i); i++) {
            Optional<String> title = in.text("variant-" + i);
            if (title.isPresent()) {
                typed.add(new Variants.Typed(in.text("variant-id-" + i), title.get(), in.positive("percent-" + i)));
            }
        }
        return Change.done(
                Variants.set(sheet, typed),
                typed.isEmpty() ? "everybody gets the same again" : "set what not everybody gets");
    }

    @Override
    public Map<String, BenchAction> actions() {
        Map<String, BenchAction> actions = new LinkedHashMap<>();
        actions.put("dish", this::dish);
        actions.put(
                "add-component",
                (sheet, in) -> Change.done(Edits.addComponent(sheet, in.must("title")), "added a component"));
        actions.put(
                "rename-component",
                (sheet, in) -> Change.done(
                        Edits.renameComponent(sheet, in.must("component"), in.must("title")), "renamed a component"));
        actions.put(
                "remove-component",
                (sheet, in) -> Change.done(Edits.removeComponent(sheet, in.must("component")), "deleted a component"));
        actions.put("variants", DishActions::variants);
        actions.put("base", this::base);
        actions.put("mend", this::mend);
        actions.put("pass", this::pass);
        actions.put(
                "unpass",
                (sheet, in) -> Change.done(
                        sheet.with(sheet.notes().passing(in.must("key"), Optional.empty())), "took back an approval"));
        actions.put("likely", (sheet, in) -> likely(sheet));
        actions.put(
                "accept",
                (sheet, in) -> Change.done(Colleague.accepted(sheet, house.now()), "accepted the rest as it is"));
        actions.put("style", this::style);
        actions.put("source", this::source);
        return actions;
    }

    private Change dish(Draft sheet, Entered in) throws BadEntryException {
        Draft next = Edits.dish(
                sheet,
                in.must("title"),
                in.positive("servings").orElse(sheet.dish().servings()));
        Yield yields = next.dish()
                .yields()
                .withPieces(in.positive("pieces"))
                .withPieceWidth(in.positive("pieceWidth"))
                .withUnit(in.text("servingUnit"));
        Notes notes = next.notes().withHeadline(in.minutes("headline").filter(time -> time.seconds() > 0));
        return Change.done(next.making(any -> yields).with(notes), "renamed or resized the dish");
    }

    private Change base(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String[] place = in.must("base").split("/", 2);
        StoredDish other = place.length < 2 || !place[0].matches("\\d{1,18}")
                ? null
                : store.find(Long.parseLong(place[0])).orElse(null);
        if (other == null) {
            throw new RefusedEditException("That dish is not on the bench any more.");
        }
        Optional<String> taken = in.text("taken");
        String done = "added a component of " + other.sheet().dish().title();
        if (in.text("rest").isPresent()) {
            return parted(sheet, other, place[1], in.must("taken"), done);
        }
        return Change.done(
                taken.isEmpty()
                        ? BringIn.whole(sheet, other.sheet(), place[1])
                        : BringIn.share(sheet, other.sheet(), place[1], taken.get(), house.now()),
                done);
    }

    private Change parted(Draft sheet, StoredDish other, String component, String taken, String done)
            throws RefusedEditException {
        BringIn.Parted parted = BringIn.parted(sheet, other.sheet(), component, taken, house.now());
        return new Change(
                parted.here(),
                done,
                List.of("“%s” makes only the rest of it from now on; its own page can take that back."
                        .formatted(other.sheet().dish().title())),
                Optional.of(new Change.Other(other, parted.there())));
    }

    /** The original, changed, is read again; what was corrected meanwhile stays. */
    private Change source(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String source = in.must("source");
        Draft read = Reread.of(
                sheet,
                RecipeFile.read(sheet.notes().source(), house.now(), sheet.measures()),
                RecipeFile.read(source, house.now(), sheet.measures()),
                source);
        return Change.done(read, "re-read the original");
    }

    private Change mend(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String key = in.must("key");
        Objection objection = found(sheet, key)
                .filter(one -> one.remedy().isPresent())
                .orElseThrow(() -> new RefusedEditException("That is settled already."));
        Draft mended = objection.remedy().get().fix().apply(sheet);
        Change done = Change.done(mended, objection.remedy().get().label());
        return in.isChecked("always")
                ? done.always(sheet.line(objection.place()).flatMap(line -> mended.line(line.id())
                        .flatMap(now -> KitchenAnswers.means(line, sheet.catalogue(house.now()), now.item()))))
                : done;
    }

    /** Lets something pass for a reason, in this dish or, where it is a habit of the house, in every one. */
    private Change pass(Draft sheet, Entered in) throws BadEntryException {
        String key = in.must("key");
        String reason = in.must("reason");
        Change passed = Change.done(sheet.with(sheet.notes().passing(key, Optional.of(reason))), "let something pass");
        return in.isChecked("always")
                ? passed.always(found(sheet, key).flatMap(one -> KitchenAnswers.passes(one, sheet, reason)))
                : passed;
    }

    private Optional<Objection> found(Draft sheet, String key) {
        return Colleague.objections(sheet, house.now()).stream()
                .filter(one -> one.key().equals(key))
                .findFirst();
    }

    private Change likely(Draft sheet) {
        Colleague.Answered answered = Colleague.likely(sheet, house.now());
        return new Change(
                answered.sheet(),
                "took %d likely answers".formatted(answered.given().size()),
                answered.given());
    }

    private Change style(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        HouseStyle.Matter matter = HouseStyle.Matter.of(in.must("matter"))
                .orElseThrow(() -> new RefusedEditException("There is no such matter."));
        HouseStyle style = HouseStyle.apply(sheet, matter, in.must("school"), house.now());
        return new Change(
                style.sheet(),
                matter.word() + ": " + in.must("school"),
                style.changes().isEmpty() ? List.of("Nothing in this dish had to change.") : style.changes());
    }
}
