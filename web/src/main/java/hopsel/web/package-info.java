/** The web application: pages, security and persistence, cut by what the job calls things. */
@NullMarked
package hopsel.web;

import org.jspecify.annotations.NullMarked;
