package hopsel.core.mise;

import hopsel.core.item.Item;
import hopsel.core.item.Trait;

/** How long something cut may wait before it browns or wilts. Kitchen practice. */
final class CutWait {

    private static final int BROWNS_AFTER = 20;
    private static final int WILTS_AFTER = 60;

    private CutWait() {}

    /** Minutes; the largest integer where there is no limit. */
    static int minutes(Item item) {
        if (item.has(Trait.BROWNS)) {
            return BROWNS_AFTER;
        }
        return item.has(Trait.WILTS) ? WILTS_AFTER : Integer.MAX_VALUE;
    }
}
