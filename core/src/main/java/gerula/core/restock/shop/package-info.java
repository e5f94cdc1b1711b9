/** Shops, what they offer, and where to buy what is wanted. */
@NullMarked
package gerula.core.restock.shop;

import org.jspecify.annotations.NullMarked;
