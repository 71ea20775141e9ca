/** The lists file, {@code hopsel-lists} version 1. */
package hopsel.formats.listsfile;
