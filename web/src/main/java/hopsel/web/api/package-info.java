/** What a house connects: classes, shopping, kits and handouts, only to be read, by tokens. */
@NullMarked
package hopsel.web.api;

import org.jspecify.annotations.NullMarked;
