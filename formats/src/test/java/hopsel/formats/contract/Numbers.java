package hopsel.formats.contract;

import tools.jackson.databind.JsonNode;

import java.util.Optional;

/** Compares documents so that 1 and 1.0 are the same number. */
final class Numbers {

    private Numbers() {}

    /** The first difference; empty: none. */
    static Optional<String> same(JsonNode a, JsonNode b) {
        if (a != null && b != null && a.isNumber() && b.isNumber()) {
            return a.decimalValue().compareTo(b.decimalValue()) == 0
                    ? Optional.empty()
                    : Optional.of(a + " is not " + b);
        }
        if (a == null || b == null || a.getNodeType() != b.getNodeType() || a.size() != b.size()) {
            return Optional.of(a + " is not " + b);
        }
        if (a.isArray()) {
            for (int i = 0; i < a.size(); i++) {
                Optional<String> difference = same(a.get(i), b.get(i));
                if (difference.isPresent()) {
                    return difference;
                }
            }
            return Optional.empty();
        }
        if (a.isObject()) {
            return a.propertyNames().stream()
                    .map(name -> same(a.get(name), b.get(name)))
                    .flatMap(Optional::stream)
                    .findFirst();
        }
        return a.equals(b) ? Optional.empty() : Optional.of(a + " is not " + b);
    }
}
