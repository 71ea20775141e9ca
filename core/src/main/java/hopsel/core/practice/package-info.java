/**
 * Classes run against a simulated kitchen: steps take as long as they take, ovens are slow, things happen. A host
 * learns the class by it, an assistant theirs.
 */
@NullMarked
package hopsel.core.practice;

import org.jspecify.annotations.NullMarked;
