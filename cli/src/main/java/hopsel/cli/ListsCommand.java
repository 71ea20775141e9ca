package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitPacker;
import hopsel.core.mise.Batches;
import hopsel.core.mise.MiseEnPlace;
import hopsel.core.plan.Plan;
import hopsel.core.provision.Demand;
import hopsel.core.provision.Shopping;
import hopsel.formats.listsfile.ListsFile;
import picocli.CommandLine.Command;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;

/** Prints shopping, kits, prep list and trays of each class. */
@Command(name = "lists", description = "Prints the lists of each class file.", mixinStandardHelpOptions = true)
final class ListsCommand extends FileCommand {

    @Override
    ObjectNode answer(String file, CookingClass cooking) {
        Plan plan = PlanCommand.checkedPlan(cooking);
        Batches batches = Batches.of(cooking, catalogue(), plan);
        List<Kit> kits = KitPacker.pack(cooking, catalogue(), batches);
        return ListsFile.write(new ListsFile.Lists(Shopping.of(cooking, catalogue(), Demand.of(cooking, batches, kits)), kits,
                MiseEnPlace.prep(batches), MiseEnPlace.trays(plan, batches)));
    }
}
