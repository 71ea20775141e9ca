package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.planfile.PlanFile;

import picocli.CommandLine.Command;
import tools.jackson.databind.node.ObjectNode;

/** Prints the plan of each class. */
@Command(name = "plan", description = "Prints the plan of each class file.", mixinStandardHelpOptions = true)
final class PlanCommand extends FileCommand {

    @Override
    ObjectNode answer(String file, CookingClass cooking) {
        return PlanFile.write(PlannedClass.of(cooking, catalogue()).plan());
    }
}
