/** The desk: a class while it is on air, on the host's, the assistant's and the audience's screens. */
package hopsel.web.air;
