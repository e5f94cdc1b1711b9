/** How heavy a bag may be for the way it is lifted. */
@NullMarked
package gerula.core.packing.lift;

import org.jspecify.annotations.NullMarked;
