/** After a class: what it teaches, what is left of it, who was served what, and reports over all of them. */
@NullMarked
package hopsel.web.log;

import org.jspecify.annotations.NullMarked;
