/** Palettes and trays with equal slots. */
@NullMarked
package gerula.app.depot.palette;

import org.jspecify.annotations.NullMarked;
