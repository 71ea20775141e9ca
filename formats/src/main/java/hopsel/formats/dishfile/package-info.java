/** The dish file: a dish on the bench with everything noted about it. */
package hopsel.formats.dishfile;
