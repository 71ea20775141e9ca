/** The ground under every format: a strict reader of JSON that collects findings, and a writer of plain JSON. */
package hopsel.formats.json;
