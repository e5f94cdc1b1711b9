/** Bookings read from a calendar file. */
@NullMarked
package gerula.app.booking.calendar;

import org.jspecify.annotations.NullMarked;
