package hopsel.web.catalogue;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.json.Json;

import org.springframework.stereotype.Component;

import java.util.List;

/** The built-in catalogue with the ingredients of this kitchen over it. */
@Component
public class HouseCatalogue {

    private final HouseItemMapper mapper;
    private final Catalogue builtIn;
    private volatile Kept kept = new Kept("none yet", Catalogue.of(List.of()), List.of());

    HouseCatalogue(HouseItemMapper mapper, Catalogue builtIn) {
        this.mapper = mapper;
        this.builtIn = builtIn;
    }

    /** The catalogue as it is now; the same object until something in it changes. */
    public Catalogue now() {
        return kept().catalogue;
    }

    /** The ingredients of this kitchen. */
    public List<Item> own() {
        return kept().own;
    }

    private Kept kept() {
        String stamp = mapper.stamp();
        Kept known = kept;
        if (!known.stamp.equals(stamp)) {
            List<Item> own = mapper.documents().stream()
                    .map(document -> {
                        try {
                            return ClassFile.item(document);
                        } catch (FaultyFileException e) {
                            throw new IllegalStateException(e);
                        }
                    })
                    .toList();
            known = new Kept(stamp, builtIn.with(own), own);
            kept = known;
        }
        return known;
    }

    /**
     * Adds an ingredient, or puts it in the place of one with its id.
     *
     * @throws FaultyFileException with everything that is wrong
     */
    Item put(String document) throws FaultyFileException {
        Item item = ClassFile.item(document);
        mapper.put(item.id(), Json.line(ClassFile.items(List.of(item)).get(0)));
        return item;
    }

    /** Takes an ingredient of this kitchen away; a built-in one of that id shows again. */
    void remove(String id) {
        mapper.remove(id);
    }

    private record Kept(String stamp, Catalogue catalogue, List<Item> own) {}
}
