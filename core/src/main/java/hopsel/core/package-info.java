/** The rules of the job. They know nothing of the web, the database or the clock. */
@NullMarked
package hopsel.core;

import org.jspecify.annotations.NullMarked;
