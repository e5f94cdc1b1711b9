/** What was or will be done to a face, as it is written down. */
@NullMarked
package gerula.core.booking.look;

import org.jspecify.annotations.NullMarked;
