package hopsel.formats.classfile;

import hopsel.core.classes.Finding;

import java.util.List;
import java.util.stream.Collectors;

/** A class file that cannot be taken, with every reason. A user's error, not a programmer's. */
public final class FaultyFileException extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient List<Finding> findings;

    /** With at least one finding. */
    public FaultyFileException(List<Finding> findings) {
        super(findings.stream()
                .map(finding -> (finding.place() + " " + finding.text()).strip())
                .collect(Collectors.joining("\n")));
        this.findings = List.copyOf(findings);
    }

    /** Everything that is wrong, in the order in which it was found. */
    public List<Finding> findings() {
        return findings;
    }
}
