/**
 * Classes as they were kept before each became one document: read once, by the migration that makes documents of them.
 */
package hopsel.web.classes.before;
