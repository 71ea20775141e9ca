/** All classes in a list, and bringing one in. */
@NullMarked
package hopsel.web.classlist;

import org.jspecify.annotations.NullMarked;
