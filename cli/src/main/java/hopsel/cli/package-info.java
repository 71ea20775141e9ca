/** The command line: plans, lists and checks of class files, many in one run. */
@NullMarked
package hopsel.cli;

import org.jspecify.annotations.NullMarked;
