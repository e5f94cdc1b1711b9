/** Dates over HTTP. */
@NullMarked
package gerula.app.dates;

import org.jspecify.annotations.NullMarked;
