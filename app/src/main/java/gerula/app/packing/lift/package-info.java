/** How heavy a bag may be for the way it is lifted, over HTTP. */
@NullMarked
package gerula.app.packing.lift;

import org.jspecify.annotations.NullMarked;
