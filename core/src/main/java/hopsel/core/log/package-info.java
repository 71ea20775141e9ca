/** What classes that are over teach: planned and actual, and how long steps really take. */
@NullMarked
package hopsel.core.log;

import org.jspecify.annotations.NullMarked;
