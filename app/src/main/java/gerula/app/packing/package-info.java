/** Packing lists: building, ticking off, departing, putting back. */
@NullMarked
package gerula.app.packing;

import org.jspecify.annotations.NullMarked;
