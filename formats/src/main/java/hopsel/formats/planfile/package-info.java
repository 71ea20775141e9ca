/** The plan file, {@code hopsel-plan} version 1. */
package hopsel.formats.planfile;
