/**
 * What a planner's answer means for the host: what would mend it, what it leaves room for, what it is worth in
 * practice.
 */
@NullMarked
package hopsel.core.advice;

import org.jspecify.annotations.NullMarked;
