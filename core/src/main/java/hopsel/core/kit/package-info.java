/** What each attendee is handed, with their allergies met. */
package hopsel.core.kit;
