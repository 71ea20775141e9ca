package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What stands on a box.
 *
 * @param what name and cut, or the step that made it
 * @param grams of what was only cut or weighed; empty for what was made
 * @param steps that it is for
 * @param earlier whether it is for one made earlier
 * @param made seconds relative to going on air
 * @param useBy likewise
 * @param chilled whether it stands in the fridge
 * @param allergens of all that went in
 */
public record Label(
        String what,
        Optional<BigDecimal> grams,
        List<StepRef> steps,
        boolean earlier,
        int made,
        int useBy,
        boolean chilled,
        List<Allergen> allergens) {

    /** Keeps its own copies. */
    public Label {
        steps = List.copyOf(steps);
        allergens = List.copyOf(allergens);
    }

    /** A label for everything that is cut beforehand, then one for everything that was made beforehand and waits. */
    public static List<Label> of(CookingClass cooking, PrepList prep, Holding holding, Catalogue catalogue) {
        List<Label> labels = new ArrayList<>();
        for (PrepList.Job job : prep.jobs()) {
            Item item = catalogue.get(job.task().item());
            labels.add(new Label(
                    item.name()
                            + job.task()
                                    .cut()
                                    .filter(cut -> !job.inStep())
                                    .map(cut -> ", " + cut)
                                    .orElse(""),
                    Optional.of(job.task().grams()),
                    job.task().parts().stream()
                            .map(part -> part.making().step())
                            .distinct()
                            .toList(),
                    job.task().parts().stream()
                            .allMatch(part -> !part.making().copy().once()),
                    job.begin(),
                    job.due(),
                    item.storage()
                            .filter(storage -> storage.word().equals("chilled"))
                            .isPresent(),
                    item.allergenList()));
        }
        holding.stays().stream()
                .filter(stay -> stay.from() <= 0)
                .forEach(stay -> labels.add(new Label(
                        cooking.step(stay.activity().step()).title(),
                        Optional.empty(),
                        stay.then() == null
                                ? List.of(stay.activity().step())
                                : List.of(stay.then().step()),
                        !stay.activity().copy().once(),
                        stay.from(),
                        stay.keeps().map(keeps -> stay.from() + keeps).orElse(stay.until()),
                        stay.where() == Holding.Where.FRIDGE,
                        stay.allergens())));
        return labels;
    }
}
