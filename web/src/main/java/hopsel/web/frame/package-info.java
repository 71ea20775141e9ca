/** What all pages share: the rail that leads through a class, figures as text, messages and errors. */
@NullMarked
package hopsel.web.frame;

import org.jspecify.annotations.NullMarked;
