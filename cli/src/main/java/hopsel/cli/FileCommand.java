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

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.InvalidPathException;
import java.util.List;
import java.util.concurrent.Callable;

/** A command that answers each of several class files with one document: one line each, or indented for one file. */
abstract class FileCommand implements Callable<Integer> {

    private static final int DONE = 0;
    private static final int FAULTY = 2;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "class files")
    private List<String> files;

    private Catalogue catalogue;

    /** Items that every class may use. */
    Catalogue catalogue() {
        return catalogue;
    }

    /** The answer to a class. */
    abstract ObjectNode answer(String file, CookingClass cooking);

    /** The answer to a file that cannot be taken. */
    ObjectNode fault(String file, List<Finding> findings) {
        return Json.object().put("file", file).put("error", findings.get(0).text()
                + (findings.size() > 1 ? " And %d more.".formatted(findings.size() - 1) : ""));
    }

    @Override
    public Integer call() {
        catalogue = BuiltInCatalogue.load();
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream errors = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int exit = DONE;
        for (String file : files) {
            ObjectNode answer;
            try {
                answer = answer(file, ClassFile.read(read(file), catalogue));
            } catch (FaultyFileException e) {
                errors.println(file + ": " + e.getMessage().replace("\n", "\n" + file + ": "));
                answer = fault(file, e.findings());
                exit = FAULTY;
            }
            out.println(files.size() == 1 ? Json.indented(answer) : Json.line(answer));
            out.flush();
        }
        return exit;
    }

    private static byte[] read(String file) throws FaultyFileException {
        try {
            Path path = Path.of(file);
            if (Files.isRegularFile(path) && Files.size(path) > ClassFile.MAX_BYTES) {
                throw unreadable("The file is larger than %d MB.".formatted(ClassFile.MAX_BYTES / 1_000_000), "Split it into classes.");
            }
            return Files.readAllBytes(path);
        } catch (IOException | InvalidPathException e) {
            throw unreadable("The file cannot be read.", "Check its name and place.");
        }
    }

    private static FaultyFileException unreadable(String message, String remedy) {
        return new FaultyFileException(List.of(new Finding("", message, remedy)));
    }
}
