package hopsel.web.classes;

import hopsel.core.classes.Finding;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Something was not stored, for it could not have been read again. What was typed is wrong in a way that no form
 * noticed.
 */
public final class UnreadableException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Finding> findings;

    /** Not stored for these reasons. */
    public UnreadableException(List<Finding> findings) {
        super("It could not be read again: "
                + findings.stream().map(Finding::text).collect(Collectors.joining(" ")));
        this.findings = List.copyOf(findings);
    }

    /** What is wrong, in the cook's words. */
    public List<Finding> findings() {
        return findings;
    }
}
