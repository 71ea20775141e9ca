package hopsel.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A line that names several foods, as several lines. */
final class PartedLine {

    /** Words that only join. */
    private static final Pattern JOINT =
            Pattern.compile("[,;+&]|\\b(?:and|plus|with|into|over|in|the)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code coriander (lots)}: by eye, and nothing of the amount in front of it. */
    private static final Pattern VAGUE = Pattern.compile(
            "\\s*(?:\\((?:lots|some|plenty|a (?:little|few|bit)|loads|to taste)\\)|,? to taste)",
            Pattern.CASE_INSENSITIVE);

    /** {@code palm sugar 120 g + 60 ml water}. */
    private static final Pattern PLUS = Pattern.compile("\\s+\\+\\s+");

    private PartedLine() {}

    /**
     * The line, parted where it names several foods and it is clear how much of each: none is said, or so much of each.
     * Otherwise the line as it stands.
     */
    static List<String> of(String text, LineReader reader) {
        List<String> added = List.of(PLUS.split(text));
        boolean whole =
                added.size() > 1 && added.stream().map(reader::inSentence).allMatch(PartedLine::isWhole);
        return whole ? added : of(text, reader.read(text));
    }

    /** Something known, and so much of it. */
    private static boolean isWhole(ReadLine read) {
        return read.item().isPresent() && read.exact() && read.amount().isPresent();
    }

    private static List<String> of(String text, ReadLine read) {
        boolean each = LineReader.EACH.matcher(text).find();
        if (!read.foods().isEmpty() && !each && everyOneMeasured(text, read)) {
            return measured(text, read.foods());
        }
        boolean asWritten = read.foods().isEmpty() || text.contains(read.foods().get(0));
        if (read.foods().isEmpty() || !each && read.amount().isPresent() || each && !asWritten) {
            return List.of(text);
        }
        String before = each
                ? text.substring(0, text.indexOf(read.foods().get(0)))
                                .replaceAll("(?i)\\beach\\b(?: of)?", " ")
                                .strip() + " "
                : "";
        String behind = LineReader.TASTE.matcher(text).find() && !each ? ", to taste" : "";
        return read.foods().stream()
                .map(food -> before
                        + LineReader.EACH.matcher(food).replaceAll("").strip()
                        + (LineReader.TASTE.matcher(food).find() ? "" : behind))
                .toList();
    }

    private static boolean everyOneMeasured(String text, ReadLine read) {
        return read.amount().isPresent()
                && read.foods().stream()
                        .skip(1)
                        .allMatch(food -> isByEye(text, food)
                                || Numbers.read(SeveralFoods.withoutLead(food)).isPresent());
    }

    private static boolean isByEye(String text, String food) {
        int at = text.indexOf(food);
        return at >= 0 && VAGUE.matcher(text.substring(at + food.length())).lookingAt();
    }

    /** {@code 100 g cashews blended with 200 ml water}: each has its own amount, the first the one in front. */
    private static List<String> measured(String text, List<String> foods) {
        String tidy = LineTidy.tidy(
                Numbers.plain(LineReader.BULLET.matcher(text.strip()).replaceFirst("")));
        String start = foods.get(0).split(", ", 2)[0];
        int first = Math.max(0, tidy.indexOf(start));
        List<String> lines = new ArrayList<>();
        int second = tidy.indexOf(foods.get(1).split(", ", 2)[0], first);
        String joint = second < 0
                ? ""
                : tidy.substring(Math.min(second, first + foods.get(0).length()), second);
        String how = JOINT.matcher(joint).replaceAll(" ").strip();
        lines.add(tidy.substring(0, first) + foods.get(0) + (how.isEmpty() ? "" : ", " + how));
        foods.stream().skip(1).map(SeveralFoods::withoutLead).forEach(lines::add);
        return lines;
    }
}
