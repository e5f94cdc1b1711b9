/** Holds every act against what is always so of a kit, and mends kits that are not. */
@NullMarked
package gerula.app.invariant;

import org.jspecify.annotations.NullMarked;
