/** Building a class: slot, people, kitchen, prep windows and dishes, planned anew with every change. */
package hopsel.web.setup;
