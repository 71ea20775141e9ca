package hopsel.web.kit;

/** Who took a handout of a class home. */
@FunctionalInterface
public interface HandoutReaders {

    /** Whether somebody was given a handout of a class. */
    boolean hasOne(long id, String attendee);
}
