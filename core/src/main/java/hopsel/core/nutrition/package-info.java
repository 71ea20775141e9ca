/** What is in a dish, as information: sums of typical values, and what is missing from them. */
package hopsel.core.nutrition;
