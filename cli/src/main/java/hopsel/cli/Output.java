package hopsel.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** What every command has in common: UTF-8 on both streams, whatever the machine is set to, and two exit codes. */
final class Output {

    static final int DONE = 0;
    /** A file could not be read, or is not valid. */
    static final int FAULTY = 2;

    private static final PrintStream OUT = new PrintStream(System.out, false, StandardCharsets.UTF_8);
    private static final PrintStream ERRORS = new PrintStream(System.err, true, StandardCharsets.UTF_8);

    private Output() {
    }

    static void print(String text) {
        OUT.println(text);
        OUT.flush();
    }

    static void complain(String text) {
        ERRORS.println(text);
    }
}
