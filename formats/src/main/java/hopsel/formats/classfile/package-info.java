/**
 * The class file, {@code hopsel-class} version 1: reading with every fault found, writing, and the built-in catalogue.
 */
@NullMarked
package hopsel.formats.classfile;

import org.jspecify.annotations.NullMarked;
