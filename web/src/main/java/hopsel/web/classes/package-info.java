/** The classes themselves: stored, listed, brought in from a class file and taken out again. */
package hopsel.web.classes;
