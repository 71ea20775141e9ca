/** What the class needs altogether and the cheapest packs that cover it. */
package hopsel.core.provision;
