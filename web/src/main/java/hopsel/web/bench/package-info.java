/** The dish bench: recipes brought in, taken apart, and their history. */
package hopsel.web.bench;
