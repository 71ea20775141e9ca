/** Who may sign in, and how attempts to guess a password are slowed down. */
@NullMarked
package hopsel.web.account;

import org.jspecify.annotations.NullMarked;
