package hopsel.web.bench;

import java.util.Map;

/** Actions that belong together. */
interface ActionSet {

    /** By the word that the page sends. */
    Map<String, BenchAction> actions();
}
