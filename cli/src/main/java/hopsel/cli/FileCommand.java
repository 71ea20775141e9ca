package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.json.Json;

import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;
import java.util.concurrent.Callable;

/** A command that answers each of several class files with one document: one line each, or indented for one file. */
abstract class FileCommand implements Callable<Integer> {

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "class files")
    private List<String> files = List.of();

    private Catalogue catalogue = Catalogue.of(List.of());

    /** Items that every class may use. */
    Catalogue catalogue() {
        return catalogue;
    }

    /** The answer to a class. */
    abstract ObjectNode answer(String file, CookingClass cooking);

    /** The answer to a file that cannot be taken. */
    ObjectNode fault(String file, List<Finding> findings) {
        return Json.object()
                .put("file", file)
                .put(
                        "error",
                        findings.get(0).text()
                                + (findings.size() > 1 ? " And %d more.".formatted(findings.size() - 1) : ""));
    }

    @Override
    public Integer call() {
        catalogue = BuiltInCatalogue.load();
        int exit = Output.DONE;
        for (String file : files) {
            ObjectNode answer;
            try {
                answer = answer(file, ClassFile.read(read(file), catalogue));
            } catch (FaultyFileException e) {
                Output.complain(file + ": " + String.valueOf(e.getMessage()).replace("\n", "\n" + file + ": "));
                answer = fault(file, e.findings());
                exit = Output.FAULTY;
            }
            Output.print(files.size() == 1 ? Json.indented(answer) : Json.line(answer));
        }
        return exit;
    }

    private static byte[] read(String file) throws FaultyFileException {
        try {
            return InputFile.bytes(file);
        } catch (InputFile.Unreadable e) {
            throw new FaultyFileException(List.of(new Finding("", e.fault, e.remedy)));
        }
    }
}
