package hopsel.core.diet;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/**
 * Somebody who takes part.
 *
 * @param id       unique in the class
 * @param name     as on the label
 * @param avoids   words of allergens, ids of items, or words of house rules
 * @param servings what they cook, above 0
 * @param zone     where they are, for streams
 * @param gets     what they are handed
 */
public record Attendee(String id, String name, List<String> avoids, BigDecimal servings, Optional<ZoneId> zone, Gets gets) {

    /** Keeps its own copy. */
    public Attendee {
        avoids = List.copyOf(avoids);
    }

    /** What an attendee is handed. */
    public enum Gets {
        KIT("kit"), HANDOUT("handout"), BOTH("both");

        private final String word;

        Gets(String word) {
            this.word = word;
        }

        /** The word in class files. */
        public String word() {
            return word;
        }

        /** Whether a kit is packed. */
        public boolean kit() {
            return this != HANDOUT;
        }

        /** Whether a handout is printed. */
        public boolean handout() {
            return this != KIT;
        }
    }
}
