/** Cautions found from ingredients and techniques. Usual guidance, never a promise; local rules come first. */
package hopsel.core.caution;
