/** The calculators of colour. */
@NullMarked
package gerula.app.shade;

import org.jspecify.annotations.NullMarked;
