/**
 * Classes as they were kept before each became one document: read once, by the migration that makes documents of them.
 */
@NullMarked
package hopsel.web.classes.before;

import org.jspecify.annotations.NullMarked;
