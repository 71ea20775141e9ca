package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.listsfile.ListsFile;

import picocli.CommandLine.Command;
import tools.jackson.databind.node.ObjectNode;

/** Prints shopping, kits, prep list and trays of each class. */
@Command(name = "lists", description = "Prints the lists of each class file.", mixinStandardHelpOptions = true)
final class ListsCommand extends FileCommand {

    @Override
    ObjectNode answer(String file, CookingClass cooking) {
        return ListsFile.write(PlannedClass.of(cooking, catalogue()));
    }
}
