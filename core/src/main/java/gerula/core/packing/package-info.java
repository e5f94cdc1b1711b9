/** From needs to picks: what is taken from the kit, why, and what is missing. */
@NullMarked
package gerula.core.packing;

import org.jspecify.annotations.NullMarked;
