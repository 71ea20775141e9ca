/** Trays in the order of use, and the prep list. */
package hopsel.web.mise;
