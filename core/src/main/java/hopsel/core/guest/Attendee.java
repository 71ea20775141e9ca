package hopsel.core.guest;

import hopsel.core.Copyable;
import hopsel.core.item.Catalogue;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Somebody who takes part.
 *
 * @param id unique in the class
 * @param name as on the label
 * @param avoids what they cannot have: words of allergens and house rules, ids of items, families, or a word that names
 *     of items bear, such as chickpea
 * @param servings what they cook, above 0
 * @param zone where they are, for streams
 * @param gets what they are handed
 * @param rather what they would rather not have, in the same words: changed where something suits, served otherwise
 * @param served what the host packs for them so that fewer kinds of kit are needed: by the id of the item that goes,
 *     the id of what comes, or empty text where it is left out. It never goes before what they cannot have
 * @param ownWords what they cannot have and Hopsel cannot check, as they said it: the host has to
 * @param without what the host leaves out for them, as {@code dish/item}, whatever the recipe says
 * @param variants which variants the host gives them, as {@code dish/variant}; for other dishes, the one that suits
 */
@Copyable
public record Attendee(
        String id,
        String name,
        List<String> avoids,
        BigDecimal servings,
        Optional<ZoneId> zone,
        Gets gets,
        List<String> rather,
        Map<String, String> served,
        List<String> ownWords,
        List<String> without,
        List<String> variants)
        implements AttendeeBuilder.With {

    /** Keeps its own copy. */
    public Attendee {
        avoids = List.copyOf(avoids);
        rather = List.copyOf(rather);
        served = Collections.unmodifiableMap(new TreeMap<>(served));
        ownWords = List.copyOf(ownWords);
        without = List.copyOf(without);
        variants = List.copyOf(variants);
    }

    /** Somebody for whom nothing is packed but what their own list asks for. */
    public Attendee(
            String id,
            String name,
            List<String> avoids,
            BigDecimal servings,
            Optional<ZoneId> zone,
            Gets gets,
            List<String> rather) {
        this(id, name, avoids, servings, zone, gets, rather, Map.of(), List.of(), List.of(), List.of());
    }

    /** Whether the host leaves an item out of a dish for them. */
    public boolean isWithout(String dish, String item) {
        return without.contains(dish + "/" + item);
    }

    /** Whether the host gives them a variant of a dish. */
    public boolean gets(String dish, String variant) {
        return variants.contains(dish + "/" + variant);
    }

    /** The same person under another id. */
    public Attendee named(String otherId) {
        return withId(otherId);
    }

    /** The same person, who cannot have what somebody else said of them either. */
    public Attendee alsoAvoiding(Attendee other) {
        List<String> all =
                Stream.concat(avoids.stream(), other.avoids.stream()).distinct().toList();
        List<String> own = Stream.concat(ownWords.stream(), other.ownWords.stream())
                .distinct()
                .toList();
        return withAvoids(all).withOwnWords(own);
    }

    /** The same person, served otherwise. */
    public Attendee served(Map<String, String> otherwise) {
        return withServed(otherwise);
    }

    /** The same person, who cannot have this either; nobody but the host can check it. */
    public Attendee saying(List<String> words) {
        return withOwnWords(words);
    }

    /**
     * The same person; what they avoid and a catalogue does not know, they say in their own words, for it cannot be
     * checked.
     */
    public Attendee knowing(Catalogue catalogue) {
        List<String> checked =
                avoids.stream().filter(word -> Avoided.isKnown(word, catalogue)).toList();
        // What can be told of their own words is left out, too, whenever they said it.
        List<String> known = Stream.concat(
                        checked.stream(), ownWords.stream().flatMap(said -> Phrase.known(said, catalogue).stream()))
                .distinct()
                .toList();
        List<String> liked =
                rather.stream().filter(word -> Avoided.isKnown(word, catalogue)).toList();
        if (known.equals(avoids) && liked.equals(rather)) {
            return this;
        }
        List<String> said = Stream.concat(ownWords.stream(), avoids.stream().filter(word -> !checked.contains(word)))
                .distinct()
                .toList();
        return with(them -> them.avoids(known).rather(liked).ownWords(said));
    }

    /** Whether there is anything that they cannot have. */
    public boolean isCareful() {
        return !avoids.isEmpty() || !ownWords.isEmpty();
    }

    /** Somebody whose list is all strict. */
    public Attendee(
            String id, String name, List<String> avoids, BigDecimal servings, Optional<ZoneId> zone, Gets gets) {
        this(id, name, avoids, servings, zone, gets, List.of(), Map.of(), List.of(), List.of(), List.of());
    }

    /** What an attendee is handed. */
    public enum Gets {
        KIT("kit"),
        HANDOUT("handout"),
        BOTH("both");

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
