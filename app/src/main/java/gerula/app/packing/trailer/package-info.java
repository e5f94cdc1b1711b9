/** Working from a trailer, over HTTP. */
@NullMarked
package gerula.app.packing.trailer;

import org.jspecify.annotations.NullMarked;
