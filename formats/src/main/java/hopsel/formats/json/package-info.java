/** The ground under every format: a strict reader of JSON that collects findings, and a writer of plain JSON. */
@NullMarked
package hopsel.formats.json;

import org.jspecify.annotations.NullMarked;
