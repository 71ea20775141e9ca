package hopsel.bench;

import hopsel.bench.Cases.Case;
import hopsel.core.plan.Exact;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.verify.PlanChecker;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Plans every case and solves it exactly, and prints both, case by case, as a table in Markdown. */
public final class Compare {

    private Compare() {}

    /**
     * Arguments: seconds that the exact solver may take for each level (10), the beginning of the names of the cases to
     * run, and class files.
     */
    public static void main(String[] arguments) throws IOException, FaultyFileException {
        double seconds = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 10;
        String only = arguments.length > 1 ? arguments[1] : "";
        System.out.println("| case | steps | ours | exact | gap % | ms | exact s |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- |");
        for (int round = 0; round < 3; round++) {
            Planner.plan(Cases.cooking(3, 100 + round));
        }
        Cases.all().stream().filter(one -> one.name().startsWith(only)).forEach(one -> row(one, seconds));
        for (String file : Arrays.asList(arguments).subList(Math.min(2, arguments.length), arguments.length)) {
            Path path = Path.of(file);
            row(
                    new Case(
                            path.getFileName().toString(),
                            ClassFile.read(Files.readAllBytes(path), BuiltInCatalogue.load())),
                    seconds);
        }
    }

    private static void row(Case one, double seconds) {
        long from = System.nanoTime();
        Plan plan = Planner.plan(one.cooking());
        double ms = (System.nanoTime() - from) / 1e6;
        if (plan.possible() && !PlanChecker.check(one.cooking(), plan).isEmpty()) {
            throw new IllegalStateException(one.name() + " breaks a rule");
        }
        List<Long> ours = plan.possible() ? levels(plan) : List.of();
        Exact.Result exact = Exact.solve(one.cooking(), seconds, 2);
        long steps =
                one.cooking().dishes().stream().flatMap(dish -> dish.steps()).count();
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %s | %s%s | %s | %.0f | %.1f |%n",
                one.name(),
                steps,
                ours.isEmpty() ? plan.verdict().word() : words(ours),
                words(exact.values()),
                exact.proven() ? "" : " ?",
                gap(ours, exact.values()),
                ms,
                exact.seconds());
    }

    private static List<Long> levels(Plan plan) {
        long second = plan.pace().map(pace -> (long) pace.cost()).orElse((long)
                plan.swaps().size());
        long third = plan.pace().map(pace -> (long) pace.changes()).orElse((long)
                plan.notShown().size());
        return List.of((long) plan.overrun(), second, third, (long) plan.airEnd());
    }

    private static String words(List<Long> levels) {
        return levels.isEmpty()
                ? "none"
                : String.format(
                        Locale.ROOT,
                        "%.1f / %d / %d / %.1f",
                        levels.get(0) / 60.0,
                        levels.get(1),
                        levels.get(2),
                        levels.get(3) / 60.0);
    }

    /** Per cent of airEnd where the first three levels agree; otherwise which level differs. */
    private static String gap(List<Long> ours, List<Long> exact) {
        if (ours.isEmpty() || exact.isEmpty()) {
            return ours.isEmpty() == exact.isEmpty() ? "0" : "found by one only";
        }
        for (int level = 0; level < 3; level++) {
            if (!ours.get(level).equals(exact.get(level))) {
                return "level %d: %+d".formatted(level + 1, ours.get(level) - exact.get(level));
            }
        }
        return String.format(Locale.ROOT, "%.2f", 100.0 * (ours.get(3) - exact.get(3)) / Math.max(1, exact.get(3)));
    }
}
