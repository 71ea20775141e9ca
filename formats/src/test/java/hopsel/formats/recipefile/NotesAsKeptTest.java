package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;
import hopsel.formats.classfile.BuiltInCatalogue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whole notes as cooks keep them, each beside what a cook would make of it: parts, lines, steps, what is asked. Whoever
 * changes what comes of one reads it and changes the file beside it; the reading as it is now is left in
 * {@code target}.
 */
class NotesAsKeptTest {

    private static final Path NOTES = Path.of("src/test/resources/notes");

    static Stream<String> names() throws IOException {
        try (Stream<Path> files = Files.list(NOTES)) {
            return files
                    .map(file -> file.getFileName().toString())
                    .filter(name -> !name.endsWith(".read.txt"))
                    .map(name -> name.replace(".txt", ""))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("names")
    void aNoteBecomesTheDishThatACookWouldMakeOfIt(String name) throws IOException {
        String text = Files.readString(NOTES.resolve(name + ".txt"));
        String read = told(RecipeFile.read(text, BuiltInCatalogue.load(), Measures.METRIC));
        Path now = Files.createDirectories(Path.of("target/notes")).resolve(name + ".read.txt");
        Files.writeString(now, read);

        assertThat(read).isEqualTo(Files.readString(NOTES.resolve(name + ".read.txt")));
    }

    private static String told(DishProposal proposal) {
        List<String> lines = new ArrayList<>();
        lines.add("%s, for %s"
                .formatted(proposal.dish().title(), proposal.dish().servings().toPlainString()));
        for (Component component : proposal.dish().components()) {
            lines.add("# " + component.title());
            component.ingredients().forEach(line -> lines.add("- " + told(line)));
            component.steps().forEach(step -> lines.add("> " + told(step)));
        }
        proposal.dish().passages().unread().forEach(passage -> lines.add("? " + passage));
        return String.join("\n", lines) + "\n";
    }

    private static String told(IngredientLine line) {
        String amount = line.amount()
                .map(own -> own.written().replaceFirst("(\\.\\d{3})\\d+", "$1"))
                .orElse("by eye");
        return "%s: %s%s".formatted(line.item(), amount, line.said().isPresent() ? " (a guess)" : "");
    }

    private static String told(Step step) {
        String places = step.needs().stream()
                .map(need -> need.kind()
                        + need.celsius().map(heat -> " " + heat.toPlainString()).orElse(""))
                .collect(Collectors.joining(", "));
        String uses = step.uses().stream().map(use -> use.ingredient()).collect(Collectors.joining(" "));
        String after = step.after().stream().map(wait -> wait.step()).collect(Collectors.joining(" "));
        return "%s | %s %s | %s | %s | after %s"
                .formatted(step.title(), step.minutes().likely(), step.work().word(), places, uses, after);
    }
}
