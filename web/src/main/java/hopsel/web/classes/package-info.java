/** The classes themselves: stored, listed, brought in from a class file and taken out again. */
@NullMarked
package hopsel.web.classes;

import org.jspecify.annotations.NullMarked;
