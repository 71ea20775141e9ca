/** The shopping list. */
package hopsel.web.provision;
