/** WebVTT for recordings: chapters, and amounts on screen when they go in. */
@NullMarked
package hopsel.formats.captions;

import org.jspecify.annotations.NullMarked;
