package hopsel.cli;

import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;

import picocli.CommandLine.Command;

import java.util.concurrent.Callable;

/** Prints the ingredients that every class may use. */
@Command(name = "items", description = "Prints the built-in catalogue.", mixinStandardHelpOptions = true)
final class ItemsCommand implements Callable<Integer> {

    @Override
    public Integer call() {
        Output.print(Json.indented(ClassFile.items(BuiltInCatalogue.load().items())));
        return Output.DONE;
    }
}
