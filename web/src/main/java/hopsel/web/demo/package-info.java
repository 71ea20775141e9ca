/** The made-up classes of the Tern Quay Cookery Room. */
@NullMarked
package hopsel.web.demo;

import org.jspecify.annotations.NullMarked;
