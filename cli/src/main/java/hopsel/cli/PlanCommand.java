package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.verify.PlanChecker;
import hopsel.core.verify.Violation;
import hopsel.formats.planfile.PlanFile;
import picocli.CommandLine.Command;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;

/** Prints the plan of each class. */
@Command(name = "plan", description = "Prints the plan of each class file.", mixinStandardHelpOptions = true)
final class PlanCommand extends FileCommand {

    @Override
    ObjectNode answer(String file, CookingClass cooking) {
        return PlanFile.write(checkedPlan(cooking));
    }

    /** A plan that was checked; one that is wrong is never printed. */
    static Plan checkedPlan(CookingClass cooking) {
        Plan plan = Planner.plan(cooking);
        List<Violation> violations = PlanChecker.check(cooking, plan);
        if (!violations.isEmpty()) {
            throw new IllegalStateException("The planner broke its own rules: " + violations);
        }
        return plan;
    }
}
