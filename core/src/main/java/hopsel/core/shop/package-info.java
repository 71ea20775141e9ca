/** What is bought, and in which packs. */
package hopsel.core.shop;
