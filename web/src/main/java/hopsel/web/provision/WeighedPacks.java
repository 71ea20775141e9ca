package hopsel.web.provision;

import hopsel.core.provision.Pantry;

import java.util.List;
import java.util.Map;

/** The packs that the kits of a class were weighed from. */
@FunctionalInterface
public interface WeighedPacks {

    /** By item, in the order in which packs were opened. */
    Map<String, List<Pantry.Weighed>> of(long classId);
}
