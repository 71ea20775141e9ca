/** Handouts as documents: what the host writes as JSON, a handout as Markdown, plain text and schema.org. */
@NullMarked
package hopsel.formats.handoutfile;

import org.jspecify.annotations.NullMarked;
