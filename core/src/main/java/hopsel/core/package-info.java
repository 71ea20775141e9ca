/** The rules of the job. They know nothing of the web, the database or the clock. */
package hopsel.core;
