package hopsel.web.setup;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.food.Staging;
import hopsel.core.food.Staging.Matter;
import hopsel.core.food.WorthSeeing;

import java.util.ArrayList;
import java.util.List;

/**
 * The steps of a dish, with what is proposed for each.
 *
 * @param title of the dish
 * @param rows in the order of the dish
 */
record ShownDish(String title, List<Row> rows) {

    /**
     * A step.
     *
     * @param number through all dishes of the class
     */
    record Row(int number, Step step, List<Proposal> proposals) {

        /** Whether anything is proposed. */
        public boolean proposes() {
            return !proposals.isEmpty();
        }

        /** What it is worth seeing, in the figures that can be chosen. */
        public String worth() {
            return String.valueOf(WorthSeeing.of(step.worth()).worth());
        }
    }

    /**
     * Something proposed.
     *
     * @param figures that are told with it, in the order of its text
     */
    record Proposal(String matter, Object[] figures) {

        static Proposal of(Matter matter, Step after) {
            Object[] figures =
                    switch (matter) {
                        case ON_AIR, NOISE -> new Object[] {};
                        case WORTH -> new Object[] {after.worth()};
                        case PART ->
                            new Object[] {
                                after.part().map(Object::toString).orElse(""),
                                after.minutes().likely().toString()
                            };
                        case HANDS ->
                            new Object[] {
                                after.handsOn().start().toString(),
                                after.handsOn().end().value(),
                                after.handsOn().end().toString()
                            };
                        case SWAP ->
                            new Object[] {after.swap().map(Object::toString).orElse("")};
                    };
            return new Proposal(matter.name(), figures);
        }
    }

    static List<ShownDish> of(CookingClass cooking) {
        List<ShownDish> dishes = new ArrayList<>();
        int number = 0;
        for (Dish dish : cooking.dishes()) {
            List<Row> rows = new ArrayList<>();
            for (Step step : dish.steps().toList()) {
                Staging staging = Staging.of(dish, step);
                List<Proposal> proposals = staging.matters().stream()
                        .sorted()
                        .map(matter -> Proposal.of(matter, staging.after()))
                        .toList();
                rows.add(new Row(number++, step, proposals));
            }
            dishes.add(new ShownDish(dish.title(), rows));
        }
        return dishes;
    }

    /** For how many steps something is proposed. */
    static long proposals(List<ShownDish> dishes) {
        return dishes.stream()
                .flatMap(dish -> dish.rows().stream())
                .filter(Row::proposes)
                .count();
    }
}
