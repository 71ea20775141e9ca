/** Handouts as documents: what the host writes as JSON, a handout as Markdown, plain text and schema.org. */
package hopsel.formats.handoutfile;
