/** The web application: pages, security and persistence, cut by what the job calls things. */
package hopsel.web;
