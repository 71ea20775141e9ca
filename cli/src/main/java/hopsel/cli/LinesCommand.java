package hopsel.cli;

import hopsel.core.measure.Measures;
import hopsel.core.recipe.LineReader;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.json.Json;
import hopsel.formats.recipefile.RecipeFile;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;

import java.util.concurrent.Callable;

/** Reads each line of a text file as an ingredient line. */
@Command(name = "lines", description = "Reads a text file of ingredient lines.", mixinStandardHelpOptions = true)
final class LinesCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", description = "text file, one ingredient line on each line")
    private String file = "";

    @Option(names = "--measures", defaultValue = "metric", description = "metric, us or au; metric unless given")
    private String measures = "metric";

    @Override
    public Integer call() {
        Measures cups = Measures.of(measures).orElse(Measures.METRIC);
        LineReader reader = new LineReader(BuiltInCatalogue.load(), cups);
        try {
            ArrayNode answer = Json.list();
            InputFile.text(file)
                    .lines()
                    .filter(line -> !line.isBlank())
                    .forEach(line -> answer.add(RecipeFile.line(reader.read(line))));
            Output.print(Json.indented(answer));
            return Output.DONE;
        } catch (InputFile.Unreadable e) {
            Output.complain(file + ": " + e.getMessage());
            Output.print(Json.indented(Json.object().put("file", file).put("error", e.getMessage())));
            return Output.FAULTY;
        }
    }
}
