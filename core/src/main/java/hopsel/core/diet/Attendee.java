package hopsel.core.diet;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Somebody who takes part.
 *
 * @param id       unique in the class
 * @param name     as on the label
 * @param avoids   what they cannot have: words of allergens, ids of items, or words of house rules
 * @param servings what they cook, above 0
 * @param zone     where they are, for streams
 * @param gets     what they are handed
 * @param rather   what they would rather not have, in the same words: changed where something suits, served otherwise
 * @param served   what the host packs for them so that fewer kinds of kit are needed: by the id of the item that goes, the
 *                 id of what comes, or empty text where it is left out. It never goes before what they cannot have
 */
public record Attendee(String id, String name, List<String> avoids, BigDecimal servings, Optional<ZoneId> zone, Gets gets, List<String> rather, Map<String, String> served) {

    /** Keeps its own copy. */
    public Attendee {
        avoids = List.copyOf(avoids);
        rather = List.copyOf(rather);
        served = Collections.unmodifiableMap(new TreeMap<>(served));
    }

    /** Somebody for whom nothing is packed but what their own list asks for. */
    public Attendee(String id, String name, List<String> avoids, BigDecimal servings, Optional<ZoneId> zone, Gets gets, List<String> rather) {
        this(id, name, avoids, servings, zone, gets, rather, Map.of());
    }

    /** The same person under another id. */
    public Attendee named(String otherId) {
        return new Attendee(otherId, name, avoids, servings, zone, gets, rather, served);
    }

    /** The same person, served otherwise. */
    public Attendee served(Map<String, String> otherwise) {
        return new Attendee(id, name, avoids, servings, zone, gets, rather, otherwise);
    }

    /** Somebody whose list is all strict. */
    public Attendee(String id, String name, List<String> avoids, BigDecimal servings, Optional<ZoneId> zone, Gets gets) {
        this(id, name, avoids, servings, zone, gets, List.of(), Map.of());
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
