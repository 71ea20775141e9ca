package hopsel.cli;

import hopsel.formats.classfile.ClassFile;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** Reads files of bounded size. */
final class InputFile {

    private InputFile() {}

    /** What is in the file. */
    static byte[] bytes(String file) throws Unreadable {
        try {
            Path path = Path.of(file);
            if (Files.isRegularFile(path) && Files.size(path) > ClassFile.MAX_BYTES) {
                throw new Unreadable(
                        "The file is larger than %d MB.".formatted(ClassFile.MAX_BYTES / 1_000_000), "Split it.");
            }
            return Files.readAllBytes(path);
        } catch (IOException | InvalidPathException e) {
            throw new Unreadable("The file cannot be read.", "Check its name and place.");
        }
    }

    /** What is in the file, as text; what is no UTF-8 is replaced. */
    static String text(String file) throws Unreadable {
        String text = new String(bytes(file), StandardCharsets.UTF_8);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** A file that cannot be read. */
    static final class Unreadable extends Exception {

        final String fault;
        final String remedy;

        Unreadable(String fault, String remedy) {
            super(fault + " " + remedy);
            this.fault = fault;
            this.remedy = remedy;
        }
    }
}
