/** Building a class: slot, people, kitchen, prep windows and dishes, planned anew with every change. */
@NullMarked
package hopsel.web.setup;

import org.jspecify.annotations.NullMarked;
