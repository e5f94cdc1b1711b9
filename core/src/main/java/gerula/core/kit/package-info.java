/** The kit: products, items of them, and the tree of places they lie in. */
@NullMarked
package gerula.core.kit;

import org.jspecify.annotations.NullMarked;
