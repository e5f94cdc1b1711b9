/** Bookings over HTTP and in the database. */
@NullMarked
package gerula.app.booking;

import org.jspecify.annotations.NullMarked;
