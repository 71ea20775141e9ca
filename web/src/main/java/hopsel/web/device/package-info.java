/** Simulated devices of the packing bench: kitchen scales and a label printer. */
package hopsel.web.device;
