package hopsel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.After;
import hopsel.core.dish.Ancestry;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Whatever is done to a dish, in whatever order, it stays a dish: no circle, no id twice, nothing used that is gone, no
 * more than all of a line.
 */
class AnyEditsTest {

    private static final int EDITS = 150;

    private static Draft start() {
        List<Component> components = new ArrayList<>();
        for (int c = 0; c < 3; c++) {
            List<Step> steps = new ArrayList<>();
            for (int s = 0; s < 4; s++) {
                List<After> after = s == 0 ? List.of() : List.of(After.of("c" + c + "s" + (s - 1)));
                Step step = Steps.plain(
                        "c" + c + "s" + s,
                        "Step " + s,
                        new StepMinutes(Minutes.of(4), Minutes.of(6), Minutes.of(9)),
                        Work.values()[(c + s) % 3],
                        after);
                steps.add(s == 0 ? step.withUses(List.of(new Use("c" + c + "l", new BigDecimal("0.5")))) : step);
            }
            IngredientLine line =
                    IngredientLine.of("c" + c + "l", "carrot", Optional.of(Amount.of(BigDecimal.TEN, Unit.G)));
            components.add(new Component("c" + c, "Component " + c, List.of(line), steps));
        }
        return new Draft(
                new Dish("any", "Any", BigDecimal.valueOf(4), components), List.of(), Measures.METRIC, Notes.NONE);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aDishStaysADish(long seed) {
        Random random = new Random(seed);
        Draft sheet = start();
        int done = 0;
        for (int i = 0; i < EDITS; i++) {
            try {
                Draft next = edit(sheet, random);
                done += next.equals(sheet) ? 0 : 1;
                sheet = next;
            } catch (RefusedEditException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
            whole(sheet);
        }
        assertThat(done).as("edits that changed something").isGreaterThan(EDITS / 4);
    }

    private static Draft edit(Draft sheet, Random random) throws RefusedEditException {
        Optional<String> one = any(sheet.dish().steps().map(Step::id).toList(), random);
        Optional<String> two = any(sheet.dish().steps().map(Step::id).toList(), random);
        Optional<String> line = any(sheet.dish().lines().map(IngredientLine::id).toList(), random);
        Optional<String> component =
                any(sheet.dish().components().stream().map(Component::id).toList(), random);
        int what = random.nextInt(14);
        if (component.isEmpty() || what == 0) {
            return Edits.addComponent(sheet, "Sauce");
        }
        if (one.isEmpty() || what <= 2) {
            return Edits.addStep(sheet, component.get(), "Stir");
        }
        return switch (what) {
            case 3 -> Edits.split(sheet, one.get(), Minutes.of(1 + random.nextInt(4)));
            case 4 -> Edits.join(sheet, one.get());
            case 5, 6 -> Edits.move(sheet, one.get(), component.get(), random.nextInt(5));
            case 7, 8 -> Edits.tie(sheet, one.get(), two.get(), Minutes.of(random.nextInt(3)), Optional.empty());
            case 9 -> Edits.untie(sheet, one.get(), two.get());
            case 10 ->
                random.nextInt(3) == 0
                        ? Edits.removeStep(sheet, one.get())
                        : Edits.retime(sheet, one.get(), StepMinutes.of(Minutes.of(1 + random.nextInt(30))));
            case 11 ->
                line.isEmpty()
                        ? sheet
                        : Edits.use(
                                sheet,
                                one.get(),
                                line.get(),
                                BigDecimal.valueOf(random.nextInt(5)).movePointLeft(1));
            case 12 ->
                random.nextInt(4) == 0 && line.isPresent()
                        ? Edits.removeLine(sheet, line.get())
                        : BringIn.whole(sheet, start(), "c" + random.nextInt(3));
            default ->
                random.nextInt(3) == 0
                        ? Edits.removeComponent(sheet, component.get())
                        : Edits.rounds(
                                sheet,
                                one.get(),
                                new Rounds(BigDecimal.valueOf(24), BigDecimal.valueOf(6), Minutes.of(5), 1));
        };
    }

    private static Optional<String> any(List<String> ids, Random random) {
        return ids.isEmpty() ? Optional.empty() : Optional.of(ids.get(random.nextInt(ids.size())));
    }

    private static void whole(Draft sheet) {
        List<String> steps = sheet.dish().steps().map(Step::id).toList();
        List<String> lines = sheet.dish().lines().map(IngredientLine::id).toList();
        assertThat(steps).doesNotHaveDuplicates();
        assertThat(lines).doesNotHaveDuplicates();
        assertThat(sheet.dish().components()).extracting(Component::id).doesNotHaveDuplicates();
        Ancestry ancestry = Ancestry.of(sheet.dish());
        Map<String, BigDecimal> shares = new HashMap<>();
        sheet.dish().steps().forEach(step -> {
            assertThat(ancestry.before(step.id())).doesNotContain(step.id());
            assertThat(step.after()).extracting(After::step).isSubsetOf(steps).doesNotHaveDuplicates();
            assertThat(step.uses())
                    .extracting(Use::ingredient)
                    .isSubsetOf(lines)
                    .doesNotHaveDuplicates();
            step.uses().forEach(use -> shares.merge(use.ingredient(), use.share(), BigDecimal::add));
        });
        assertThat(shares.values()).allMatch(share -> share.compareTo(BigDecimal.ONE) <= 0);
        assertThat(sheet.notes().guessed().keySet()).isSubsetOf(steps);
        DishTimes times = DishTimes.of(sheet.dish());
        assertThat(times.elapsed()).isLessThanOrEqualTo(times.two().seconds());
        assertThat(times.two().seconds()).isLessThanOrEqualTo(times.one().seconds());
        assertThat(times.handsOn()).isLessThanOrEqualTo(times.one().seconds());
        assertThat(times.handsOn() + times.watched() + times.unattended())
                .isEqualTo(sheet.dish()
                        .steps()
                        .mapToInt(step -> step.minutes().likely().seconds())
                        .sum());
    }
}
