/** Who avoids what, what may stand in for it, and what that means for one line of one dish. */
package hopsel.core.diet;
