/** WebVTT for recordings: chapters, and amounts on screen when they go in. */
package hopsel.formats.captions;
