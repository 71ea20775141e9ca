package hopsel.web.handout;

import hopsel.core.caution.Caution;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.Claim;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Mark;
import hopsel.core.handout.HostWords.Variant;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host wrote, as it was typed: fields are named by the number of the dish, and of the step in it. */
final class WordsForm {

    private static final int LONGEST = 8000;
    private static final int MOST_SENTENCES = 300;

    private WordsForm() {}

    static HostWords read(Entered in, CookingClass cooking, HostWords before) throws BadEntryException {
        Map<String, DishWords> dishes = new LinkedHashMap<>();
        for (int i = 0; i < cooking.dishes().size(); i++) {
            Dish dish = cooking.dishes().get(i);
            DishWords words = dish(in, dish, "-" + i, before.dish(dish.id()));
            if (!words.equals(DishWords.NONE)) {
                dishes.put(dish.id(), words);
            }
        }
        return new HostWords(text(in, "intro"), dishes, marks(in));
    }

    private static DishWords dish(Entered in, Dish dish, String suffix, DishWords before) throws BadEntryException {
        Map<String, String> tips = new LinkedHashMap<>();
        List<String> steps = dish.steps().map(step -> step.id()).toList();
        for (int i = 0; i < steps.size(); i++) {
            String tip = text(in, "tip" + suffix + "-" + i);
            if (!tip.isEmpty()) {
                tips.put(steps.get(i), tip);
            }
        }
        List<Variant> variants = text(in, "variants" + suffix)
                .lines()
                .filter(line -> !line.isBlank())
                .map(WordsForm::variant)
                .toList();
        List<String> cautions = text(in, "cautions" + suffix)
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
        Map<Caution, String> hidden = new LinkedHashMap<>();
        for (Caution caution : Caution.values()) {
            String field = "hide" + suffix + "-" + caution;
            if (in.isChecked(field)) {
                hidden.put(
                        caution,
                        in.text("reason" + suffix + "-" + caution)
                                .orElseThrow(() -> new BadEntryException(
                                        "reason",
                                        ("for hiding a caution of %s is missing. Write why it does not matter "
                                                        + "here; it stays on record.")
                                                .formatted(dish.title()))));
            }
        }
        Optional<Long> picture = in.isChecked("no-picture" + suffix) ? Optional.empty() : before.picture();
        return new DishWords(
                text(in, "story" + suffix),
                tips,
                text(in, "ahead" + suffix),
                in.whole("fridge" + suffix, 0, 14),
                in.whole("freezer" + suffix, 0, 52),
                text(in, "reheat" + suffix),
                variants,
                cautions,
                hidden,
                picture);
    }

    /** What stands before a bar, and why after it. */
    private static Variant variant(String line) {
        String[] parts = line.split("\\|", 2);
        return new Variant(parts[0].strip(), parts.length > 1 ? parts[1].strip() : "");
    }

    private static Map<String, Mark> marks(Entered in) throws BadEntryException {
        Map<String, Mark> marks = new LinkedHashMap<>();
        for (int i = 0; i < MOST_SENTENCES && in.text("sentence-" + i).isPresent(); i++) {
            if (in.text("mark-" + i).isPresent()) {
                Claim kind = in.choice("mark-" + i, Claim.values(), Claim::name);
                marks.put(in.must("sentence-" + i), new Mark(kind, kind == Claim.FACT ? text(in, "source-" + i) : ""));
            }
        }
        return marks;
    }

    private static String text(Entered in, String field) throws BadEntryException {
        String text = in.text(field).orElse("").replace("\r\n", "\n");
        if (text.length() > LONGEST) {
            throw new BadEntryException(
                    field.replaceAll("-.*", ""), "is longer than %d characters. Shorten it.".formatted(LONGEST));
        }
        return text;
    }
}
