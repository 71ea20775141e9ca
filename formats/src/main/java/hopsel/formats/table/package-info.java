/** Tables (CSV, RFC 4180). */
@NullMarked
package hopsel.formats.table;

import org.jspecify.annotations.NullMarked;
