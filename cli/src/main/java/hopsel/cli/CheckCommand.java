package hopsel.cli;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.formats.json.Json;

import picocli.CommandLine.Command;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;

/** Says of each file whether it is a class file, and everything that is wrong with it. */
@Command(
        name = "check",
        description = "Lists everything that is wrong with each class file.",
        mixinStandardHelpOptions = true)
final class CheckCommand extends FileCommand {

    @Override
    ObjectNode answer(String file, CookingClass cooking) {
        ObjectNode answer = Json.object().put("file", file).put("valid", true);
        answer.putArray("problems");
        return answer;
    }

    @Override
    ObjectNode fault(String file, List<Finding> findings) {
        ObjectNode answer = Json.object().put("file", file).put("valid", false);
        ArrayNode problems = answer.putArray("problems");
        findings.forEach(
                finding -> problems.addObject().put("pointer", finding.place()).put("message", finding.text()));
        return answer;
    }
}
