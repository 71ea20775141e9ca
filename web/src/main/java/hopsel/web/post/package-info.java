/**
 * Mail to attendees: into a mail box that ships with the application and can bounce and delay, or to a real server
 * where one is configured.
 */
@NullMarked
package hopsel.web.post;

import org.jspecify.annotations.NullMarked;
