/** The command line: plans, lists and checks of class files, many in one run. */
package hopsel.cli;
