/** What happened on air, as it is stored and sent. */
package hopsel.formats.eventfile;
