/** The catalogue of ingredients: looked through, added to, overridden. */
package hopsel.web.catalogue;
