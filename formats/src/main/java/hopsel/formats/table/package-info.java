/** Tables (CSV, RFC 4180). */
package hopsel.formats.table;
