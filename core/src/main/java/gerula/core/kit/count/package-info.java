/** Counting a place: what is there against what should be. */
@NullMarked
package gerula.core.kit.count;

import org.jspecify.annotations.NullMarked;
