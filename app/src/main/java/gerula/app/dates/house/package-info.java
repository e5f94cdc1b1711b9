/** The house's rules over HTTP, and what a change of them does to the kit. */
@NullMarked
package gerula.app.dates.house;

import org.jspecify.annotations.NullMarked;
