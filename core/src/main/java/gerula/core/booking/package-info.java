/** A booking, its faces and conditions, and the needs that follow from them. */
@NullMarked
package gerula.core.booking;

import org.jspecify.annotations.NullMarked;
