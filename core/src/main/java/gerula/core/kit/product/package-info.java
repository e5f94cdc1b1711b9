/** What an item is one of: class, form, shade, measures and what it contains. */
@NullMarked
package gerula.core.kit.product;

import org.jspecify.annotations.NullMarked;
