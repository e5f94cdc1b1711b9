/** Counting places. */
@NullMarked
package gerula.app.kit.count;

import org.jspecify.annotations.NullMarked;
