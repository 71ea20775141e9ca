/** Recipes in and out: plain text, pages, schema.org documents. */
@NullMarked
package hopsel.formats.recipefile;

import org.jspecify.annotations.NullMarked;
