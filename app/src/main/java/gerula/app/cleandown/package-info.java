/** Cleaning and disinfecting over HTTP. */
@NullMarked
package gerula.app.cleandown;

import org.jspecify.annotations.NullMarked;
