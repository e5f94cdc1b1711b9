/** Palettes and the order of their pans. */
@NullMarked
package gerula.core.depot.palette;

import org.jspecify.annotations.NullMarked;
