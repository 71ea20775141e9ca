/** What happened on air, as it is stored and sent. */
@NullMarked
package hopsel.formats.eventfile;

import org.jspecify.annotations.NullMarked;
