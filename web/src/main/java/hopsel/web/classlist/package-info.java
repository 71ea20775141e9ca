/** All classes in a list, and bringing one in. */
package hopsel.web.classlist;
