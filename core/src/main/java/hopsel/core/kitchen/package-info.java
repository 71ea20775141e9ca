/** The place and its people: ovens, rings, appliances, hosts, assistants and the windows in which they are there. */
package hopsel.core.kitchen;
