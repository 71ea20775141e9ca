package hopsel.formats.handoutfile;

import hopsel.core.dish.Step;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout;
import hopsel.core.handout.Handout.ComponentPart;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.Handout.Line.State;
import hopsel.core.handout.Handout.StepPart;
import hopsel.core.item.Allergen;
import hopsel.core.measure.CookAmount;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A handout in Markdown, or in plain text; what was written by people is escaped, so that it reads as they wrote it.
 */
public final class HandoutText {

    private static final int HOUR = 3600;

    /** Names that are the page's to give. */
    public interface Words {
        /** A word that is avoided, or an allergen. */
        String word(String word);

        /** A caution, as a sentence. */
        String caution(DishPart dish, int number);

        /** How long it keeps and how it is warmed: sentences. */
        List<String> keeping(DishPart dish);

        /** What another number of servings does to a step; empty text: nothing. */
        String scale(StepPart step);

        /** What the host said of how a step is done: rounds, by weight, when to look first, by taste. */
        List<String> said(StepPart step);

        /** What to do when a step goes wrong, mildest first. */
        List<String> rescues(StepPart step);

        /** Why not everything is said of what a dish is made without. */
        String doubts(DishPart dish);

        /** What somebody cannot have and Hopsel cannot check. */
        String ownWords(Attendee attendee);

        /** That it is no promise, and whose rules come first. */
        String law();
    }

    private final boolean markdown;
    private final Words words;
    private final StringBuilder out = new StringBuilder();

    private HandoutText(boolean markdown, Words words) {
        this.markdown = markdown;
        this.words = words;
    }

    /** In Markdown. */
    public static String markdown(String title, Handout handout, String intro, Words words) {
        return new HandoutText(true, words).write(title, handout, intro);
    }

    /** In plain text. */
    public static String plain(String title, Handout handout, String intro, Words words) {
        return new HandoutText(false, words).write(title, handout, intro);
    }

    private String write(String title, Handout handout, String intro) {
        heading(1, title);
        paragraph("For " + text(handout.attendee().name()));
        if (!intro.isEmpty()) {
            paragraph(intro);
        }
        handout.dishes().forEach(dish -> dish(dish, handout));
        return out.toString();
    }

    private void dish(DishPart dish, Handout handout) {
        heading(2, dish.title());
        paragraph("Serves %s. Hands-on %s, in all %s."
                .formatted(
                        handout.attendee().servings().stripTrailingZeros().toPlainString(),
                        time(dish.handsOn()),
                        time(dish.elapsed())));
        if (!dish.words().story().isEmpty()) {
            paragraph(dish.words().story());
        }
        dish.components().forEach(this::component);
        List<String> notes = new ArrayList<>(words.keeping(dish));
        dish.words()
                .variants()
                .forEach(variant ->
                        notes.add(variant.what() + (variant.why().isEmpty() ? "" : " (" + variant.why() + ")")));
        dish.swaps()
                .forEach(swap -> notes.add("%s can stand in for %s. %s"
                        .formatted(swap.use(), swap.name(), swap.effect())
                        .strip()));
        list("Good to know", notes);
        paragraph("Contains: "
                + (dish.allergens().isEmpty()
                        ? "none of the 14 listed allergens, by its recipe"
                        : dish.allergens().stream()
                                .map(Allergen::word)
                                .map(words::word)
                                .collect(Collectors.joining(", ")))
                + ".");
        if (!dish.madeWithout().isEmpty()) {
            paragraph("Made without: "
                    + dish.madeWithout().stream().map(words::word).collect(Collectors.joining(", ")) + ".");
        }
        if (!dish.doubts().isEmpty()) {
            paragraph(words.doubts(dish));
        }
        if (!handout.attendee().ownWords().isEmpty()) {
            paragraph(words.ownWords(handout.attendee()));
        }
        List<String> cautions = new ArrayList<>();
        for (int i = 0; i < dish.cautions().size(); i++) {
            cautions.add(words.caution(dish, i));
        }
        cautions.addAll(dish.words().cautions());
        list("Take care", cautions);
        paragraph(words.law());
    }

    private void component(ComponentPart component) {
        heading(3, component.title());
        component.lines().forEach(line -> out.append(markdown ? "- " : "  ")
                .append(line(line))
                .append('\n'));
        out.append('\n');
        int number = 1;
        for (StepPart step : component.steps()) {
            out.append(number++)
                    .append(". ")
                    .append(
                            markdown
                                    ? "**" + text(step.step().title()) + "**"
                                    : step.step().title())
                    .append(" (")
                    .append(minutes(step.step()))
                    .append("). ")
                    .append(text(step.text()));
            step.step().cue().ifPresent(cue -> out.append(" Done when: ")
                    .append(text(cue))
                    .append('.'));
            String scaled = words.scale(step);
            out.append(scaled.isEmpty() ? "" : " " + scaled);
            Stream.concat(words.said(step).stream(), words.rescues(step).stream())
                    .forEach(said -> out.append(' ').append(text(said)));
            step.foryou().forEach(own -> out.append(" For you: ")
                    .append(own.use()
                            .map(use -> text(use) + " in place of " + text(own.written()))
                            .orElse("without " + text(own.written())))
                    .append('.'));
            out.append('\n');
        }
        out.append('\n');
    }

    private static String minutes(Step step) {
        String likely = time(step.minutes().likely().seconds());
        return step.minutes().isRange()
                ? time(step.minutes().low().seconds()) + " to "
                        + time(step.minutes().high().seconds())
                : likely;
    }

    private String line(Line line) {
        if (line.state() == State.LEFT_OUT) {
            return "(without " + text(line.name()) + ")";
        }
        String amount = line.amount().orElse("to taste");
        Optional<String> grams = line.grams().map(CookAmount::grams).filter(weight -> !weight.equals(amount));
        return amount + grams.map(weight -> " (" + weight + ")").orElse("") + " " + text(line.name())
                + line.prep().map(prep -> ", " + text(prep)).orElse("")
                + (line.optional() ? " (optional)" : "")
                + line.insteadOf().map(other -> ", in place of " + text(other)).orElse("")
                + (line.state() == State.CANNOT_SERVE ? " (you avoid it, and nothing stands in: ask the host)" : "")
                + (line.checkLabel() ? " (check the label)" : "");
    }

    private void heading(int level, String said) {
        if (markdown) {
            out.append("#".repeat(level)).append(' ').append(text(said)).append("\n\n");
        } else {
            String line = level == 1 ? "=" : "-";
            out.append(said)
                    .append('\n')
                    .append(line.repeat(level < 3 ? said.length() : 0))
                    .append(level == 3 ? "" : "\n")
                    .append('\n');
        }
    }

    private void paragraph(String said) {
        out.append(said).append("\n\n");
    }

    private void list(String title, List<String> entries) {
        if (!entries.isEmpty()) {
            heading(3, title);
            entries.forEach(entry ->
                    out.append(markdown ? "- " : "  * ").append(text(entry)).append('\n'));
            out.append('\n');
        }
    }

    /** Text of people, with what Markdown would take for itself escaped. */
    private String text(String said) {
        return markdown ? said.replaceAll("([\\\\`*_\\[\\]<>#|])", "\\\\$1") : said;
    }

    private static String time(int seconds) {
        int minutes = (seconds + 59) / 60;
        String rest = minutes % 60 == 0 ? "" : " %d min".formatted(minutes % 60);
        return seconds >= HOUR ? "%d h%s".formatted(minutes / 60, rest) : "%d min".formatted(minutes);
    }
}
