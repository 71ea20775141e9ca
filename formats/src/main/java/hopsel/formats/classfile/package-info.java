/**
 * The class file, {@code hopsel-class} version 1: reading with every fault found, writing, and the built-in catalogue.
 */
package hopsel.formats.classfile;
