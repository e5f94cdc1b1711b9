/** What is left of each product, what will be used of it, and when it has to be ordered. */
@NullMarked
package gerula.core.restock.stock;

import org.jspecify.annotations.NullMarked;
