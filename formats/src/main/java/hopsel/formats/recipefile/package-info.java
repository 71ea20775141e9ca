/** Recipes in and out: plain text, pages, schema.org documents. */
package hopsel.formats.recipefile;
