package hopsel.web.classes;

import hopsel.core.classes.Finding;

import java.util.List;

/**
 * A class that is stored cannot be read. It breaks no other page; its own says what is wrong, and where it can be gone
 * back to.
 */
public final class BrokenClassException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final long id;
    private final String title;
    private final transient List<Finding> findings;

    BrokenClassException(long id, String title, List<Finding> findings) {
        super("Class %d cannot be read.".formatted(id));
        this.id = id;
        this.title = title;
        this.findings = List.copyOf(findings);
    }

    /** Its number. */
    public long id() {
        return id;
    }

    /** As announced. */
    public String title() {
        return title;
    }

    /** What is wrong. */
    public List<Finding> findings() {
        return findings;
    }
}
