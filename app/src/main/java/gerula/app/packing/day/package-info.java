/** Who sits in which chair when, over HTTP. */
@NullMarked
package gerula.app.packing.day;

import org.jspecify.annotations.NullMarked;
