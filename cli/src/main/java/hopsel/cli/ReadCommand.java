package hopsel.cli;

import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.json.Json;
import hopsel.formats.recipefile.RecipeFile;
import hopsel.formats.recipefile.RecipeText;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;
import java.util.concurrent.Callable;

/** Reads recipes: text, pages, schema.org documents. */
@Command(name = "read", description = "Reads the dish in each recipe.", mixinStandardHelpOptions = true)
final class ReadCommand implements Callable<Integer> {

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "recipes")
    private List<String> files = List.of();

    @Option(names = "--measures", defaultValue = "metric", description = "metric, us or au; metric unless given")
    private String measures = "metric";

    @Override
    public Integer call() {
        Catalogue catalogue = BuiltInCatalogue.load();
        int exit = Output.DONE;
        for (String file : files) {
            ObjectNode answer;
            try {
                answer = RecipeFile.write(RecipeFile.read(
                        RecipeText.of(InputFile.bytes(file)),
                        catalogue,
                        Measures.of(measures).orElse(Measures.METRIC)));
            } catch (InputFile.Unreadable | RecipeText.NoTextException e) {
                Output.complain(file + ": " + e.getMessage());
                answer = Json.object().put("file", file).put("error", e.getMessage());
                exit = Output.FAULTY;
            }
            Output.print(files.size() == 1 ? Json.indented(answer) : Json.line(answer));
        }
        return exit;
    }
}
