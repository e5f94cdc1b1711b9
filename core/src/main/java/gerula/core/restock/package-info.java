/** What runs out when, and what that means for the bookings ahead. */
@NullMarked
package gerula.core.restock;

import org.jspecify.annotations.NullMarked;
