package hopsel.formats.captions;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.film.Film;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * WebVTT from a plan, or from what happened: a chapter for each step that is shown, and each amount when it goes in.
 *
 * <p>Times count from going on air. Format: W3C WebVTT.
 */
public final class WebVtt {

    /** Seconds that an amount stays on screen, and a gap between two. */
    private static final int READ = 5;

    private WebVtt() {}

    /**
     * What is shown, and when.
     *
     * @param step which
     * @param from seconds from going on air at which it was shown
     * @param to likewise
     */
    public record Shown(StepRef step, int from, int to) {}

    private record Cue(int from, int to, String text) {}

    /** What a plan shows, in its order. */
    public static List<Shown> planned(Plan plan) {
        return plan.activities().stream()
                .filter(Activity::shown)
                .map(activity -> new Shown(activity.step(), activity.start(), activity.end()))
                .toList();
    }

    /** What a film shows, in its order. */
    public static List<Shown> filmed(Film film) {
        return film.shots().stream()
                .flatMap(shot -> shot.step().map(step -> new Shown(step, shot.from(), shot.to())).stream())
                .toList();
    }

    /** A chapter for each step. */
    public static String chapters(CookingClass cooking, List<Shown> shown) {
        StringBuilder out = new StringBuilder("WEBVTT\n");
        List<Shown> sorted =
                shown.stream().sorted(Comparator.comparingInt(Shown::from)).toList();
        for (int i = 0; i < sorted.size(); i++) {
            Shown now = sorted.get(i);
            int until = i + 1 < sorted.size() && sorted.get(i + 1).from > now.from
                    ? sorted.get(i + 1).from
                    : Math.max(now.to, now.from + 1);
            cue(
                    out,
                    i + 1,
                    now.from,
                    until,
                    "%s: %s"
                            .formatted(
                                    cooking.dish(now.step.dish()).title(),
                                    cooking.step(now.step).title()));
        }
        return out.toString();
    }

    /**
     * The amounts, one after the other from the beginning of the step that they go into; at the scale of the demo
     * batch.
     */
    public static String amounts(CookingClass cooking, Catalogue catalogue, List<Shown> shown) {
        List<Cue> cues = new ArrayList<>();
        for (Shown now :
                shown.stream().sorted(Comparator.comparingInt(Shown::from)).toList()) {
            Dish dish = cooking.dish(now.step.dish());
            List<String> amounts = amounts(cooking, catalogue, dish, cooking.step(now.step));
            int each = Math.max(1, Math.min(READ, (now.to - now.from) / Math.max(1, amounts.size())));
            for (int i = 0; i < amounts.size(); i++) {
                cues.add(new Cue(now.from + i * each, now.from + (i + 1) * each, amounts.get(i)));
            }
        }
        // Two steps can run side by side; a player wants them by their beginning.
        StringBuilder out = new StringBuilder("WEBVTT\n");
        cues.sort(Comparator.comparingInt(Cue::from));
        for (int i = 0; i < cues.size(); i++) {
            cue(out, i + 1, cues.get(i).from, cues.get(i).to, cues.get(i).text);
        }
        return out.toString();
    }

    private static List<String> amounts(CookingClass cooking, Catalogue catalogue, Dish dish, Step step) {
        List<String> amounts = new ArrayList<>();
        BigDecimal servings = cooking.provision().demoServings();
        for (Use use : step.uses()) {
            IngredientLine line = dish.line(use.ingredient());
            String name = catalogue.get(line.item()).name();
            BigDecimal factor = line.scaling()
                    .factor(Decimals.ratio(servings, dish.servings()))
                    .multiply(use.share());
            amounts.add(line.amount()
                            .map(amount -> CookAmount.of(amount, factor, cooking.measures()) + " ")
                            .orElse("")
                    + name.toLowerCase(Locale.ROOT)
                    + line.prep().map(prep -> ", " + prep).orElse(""));
        }
        return amounts;
    }

    private static void cue(StringBuilder out, int number, int from, int to, String text) {
        out.append('\n')
                .append(number)
                .append('\n')
                .append(time(from))
                .append(" --> ")
                .append(time(to))
                .append('\n')
                .append(escaped(text))
                .append('\n');
    }

    private static String time(int seconds) {
        return String.format(Locale.ROOT, "%02d:%02d:%02d.000", seconds / 3600, seconds / 60 % 60, seconds % 60);
    }

    /** A cue is one line, and has characters of its own. */
    private static String escaped(String text) {
        String line = text.replaceAll("\\s+", " ").strip();
        for (Map.Entry<String, String> sign :
                List.of(Map.entry("&", "&amp;"), Map.entry("<", "&lt;"), Map.entry(">", "&gt;"))) {
            line = line.replace(sign.getKey(), sign.getValue());
        }
        return line;
    }
}
