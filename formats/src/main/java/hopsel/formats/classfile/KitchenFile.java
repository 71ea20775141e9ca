package hopsel.formats.classfile;

import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.kitchen.Kitchen;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Written;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** A kitchen by itself, by the same members as in a class file. */
public final class KitchenFile {

    private KitchenFile() {}

    /** The kitchen as one line. */
    public static String write(Kitchen kitchen) {
        return Json.line(ClassShape.KITCHEN.write(kitchen, new Written()));
    }

    /**
     * Reads a kitchen back.
     *
     * @throws FaultyFileException with all findings
     */
    public static Kitchen read(String text) throws FaultyFileException {
        List<Finding> findings = new ArrayList<>();
        Node root = new Node(ClassFile.parse(text.getBytes(StandardCharsets.UTF_8)), Place.ROOT, findings);
        Kitchen kitchen = ClassShape.KITCHEN.read(root.as(ClassShape.NEWEST));
        if (!findings.isEmpty()) {
            throw new FaultyFileException(findings);
        }
        return kitchen;
    }
}
