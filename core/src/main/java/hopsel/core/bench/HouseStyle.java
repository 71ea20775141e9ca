package hopsel.core.bench;

import hopsel.core.item.Catalogue;
import hopsel.core.item.KnownSubstitution;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The schools on which practitioners disagree, and what choosing one does to a dish: lines, steps, times. Takes no
 * side.
 *
 * @param sheet the dish in that school
 * @param changes what was changed, a sentence each; empty: nothing had to be
 */
public record HouseStyle(Draft sheet, List<String> changes) {

    /** Keeps its own copy. */
    public HouseStyle {
        changes = List.copyOf(changes);
    }

    /** What is disagreed on, and the schools. */
    public enum Matter {
        OIL("none", "finishing", "sparing", "free"),
        SALT("none", "at-the-end", "as-written"),
        BEANS("canned", "dried"),
        PRODUCE("fresh", "frozen"),
        FLOUR("gluten", "gluten-free"),
        NUTS("used", "nut-free"),
        PEEL("left-on", "peeled"),
        MEASURES("weights", "cups"),
        SHORTCUTS("allowed", "from-scratch");

        private final List<String> schools;

        Matter(String... schools) {
            this.schools = List.of(schools);
        }

        /** The schools, by the words they are stored with. */
        public List<String> schools() {
            return schools;
        }

        /** The word it is stored with. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** The matter of that word, if there is one. */
        public static Optional<Matter> of(String word) {
            return Arrays.stream(values())
                    .filter(matter -> matter.word().equals(word))
                    .findFirst();
        }
    }

    /**
     * The dish in a school.
     *
     * @throws RefusedEditException where there is no such school
     */
    public static HouseStyle apply(Draft sheet, Matter matter, String school, Catalogue builtIn)
            throws RefusedEditException {
        if (!matter.schools.contains(school)) {
            throw new RefusedEditException(
                    "There's no such style. Choose one of: %s.".formatted(String.join(", ", matter.schools)));
        }
        HouseStyleRules rules = new HouseStyleRules(sheet, builtIn);
        switch (matter) {
            case OIL -> rules.oil(school);
            case SALT -> rules.salt(school);
            case BEANS -> rules.beans(school);
            case PRODUCE -> rules.produce(school);
            case FLOUR -> rules.substitute(school.equals("gluten-free"), KnownSubstitution.Why.GLUTEN);
            case NUTS -> rules.substitute(school.equals("nut-free"), KnownSubstitution.Why.NUTS);
            case PEEL -> rules.peel(school);
            case MEASURES -> rules.measures(school);
            default -> rules.shortcuts(school);
        }
        Draft next = rules.sheet().with(rules.sheet().notes().choosing(matter.word(), school));
        return new HouseStyle(next, rules.changes());
    }
}
