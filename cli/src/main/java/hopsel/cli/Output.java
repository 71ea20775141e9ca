package hopsel.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** What every command has in common: UTF-8 on both streams, whatever the machine is set to, and two exit codes. */
final class Output {

    static final int DONE = 0;
    /** A file could not be read, or is not valid. */
    static final int FAULTY = 2;

    private Output() {}

    static void print(String text) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        out.println(text);
        out.flush();
    }

    static void complain(String text) {
        new PrintStream(System.err, true, StandardCharsets.UTF_8).println(text);
    }
}
