/** Amounts as a cook writes them and the grams, millilitres and seconds they stand for. */
package hopsel.core.measure;
