/** The dishes of a class, taken apart. */
package hopsel.web.dish;
