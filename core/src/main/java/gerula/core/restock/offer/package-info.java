/** What shops offer, and the cheapest way to have what is needed. */
@NullMarked
package gerula.core.restock.offer;

import org.jspecify.annotations.NullMarked;
