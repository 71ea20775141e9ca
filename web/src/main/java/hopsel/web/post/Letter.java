package hopsel.web.post;

/**
 * A letter to write.
 *
 * @param classId class that it is about
 * @param attendee id of the guest it is for
 * @param address where it goes
 * @param subject one line
 * @param body paragraphs, with an empty line between; one that is an address alone is the way to a page
 * @param unsubscribe where somebody says that they want no more of its kind; empty text: it is no such letter
 */
record Letter(long classId, String attendee, String address, String subject, String body, String unsubscribe) {}
