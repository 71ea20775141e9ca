/** What all pages share: the rail that leads through a class, figures as text, messages and errors. */
package hopsel.web.frame;
