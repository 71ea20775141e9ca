/**
 * What a planner's answer means for the host: what would mend it, what it leaves room for, what it is worth in
 * practice.
 */
package hopsel.core.advice;
