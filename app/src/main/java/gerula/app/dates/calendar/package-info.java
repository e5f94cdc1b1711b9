/** Bookings and last days for calendar programs (RFC 5545). */
@NullMarked
package gerula.app.dates.calendar;

import org.jspecify.annotations.NullMarked;
