package hopsel.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Starts the command line. */
@Command(
        name = "hopsel",
        subcommands = {
            PlanCommand.class,
            ListsCommand.class,
            CheckCommand.class,
            ReadCommand.class,
            LinesCommand.class,
            ItemsCommand.class
        },
        description = "Plans plant-based cooking classes from class files.",
        mixinStandardHelpOptions = true)
public final class Main {

    private Main() {}

    /** Runs one command and exits with 0, or with 2 where a file could not be read or is not valid. */
    public static void main(String[] args) {
        System.exit(run(args));
    }

    /** Runs one command and answers with its exit code. */
    static int run(String... args) {
        return new CommandLine(new Main()).execute(args);
    }
}
