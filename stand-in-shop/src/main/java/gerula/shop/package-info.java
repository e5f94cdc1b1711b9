/** A shop to try orders with. Nothing of the product needs it. */
@NullMarked
package gerula.shop;

import org.jspecify.annotations.NullMarked;
