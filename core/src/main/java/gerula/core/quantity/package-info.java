/** Amounts with their units. Nothing here rounds by itself and nothing mixes units. */
@NullMarked
package gerula.core.quantity;

import org.jspecify.annotations.NullMarked;
