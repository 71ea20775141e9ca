package hopsel.formats.classfile;

import hopsel.core.classes.Finding;
import hopsel.core.classes.Place;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** The ingredients that every class may use, from the file that ships with the program. */
public final class BuiltInCatalogue {

    private static final String FILE = "/hopsel/catalogue.json";

    private BuiltInCatalogue() {}

    /**
     * Reads the catalogue.
     *
     * @throws IllegalStateException if the shipped file is faulty, which the tests rule out
     */
    public static Catalogue load() {
        List<Finding> findings = new ArrayList<>();
        try (InputStream in = BuiltInCatalogue.class.getResourceAsStream(FILE)) {
            Node root = new Node(Json.read(in.readAllBytes()), Place.ROOT, findings);
            root.text("note");
            root.object("sources");
            List<Item> items = root.list("items", ItemShape.ITEM::open);
            root.end();
            if (!findings.isEmpty()) {
                throw new IllegalStateException("The built-in catalogue is faulty: " + findings);
            }
            return Catalogue.of(items);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
