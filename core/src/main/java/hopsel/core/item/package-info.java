/** Ingredients: what they weigh, what is in them, how they are sold, and the catalogue that holds them. */
package hopsel.core.item;
