package hopsel.formats.json;

/** What a document being written turned out to need. */
public final class Written {

    private int version = 1;

    /** The lowest version of the format that knows everything that was written. */
    public int version() {
        return version;
    }

    void needs(int least) {
        version = Math.max(version, least);
    }
}
