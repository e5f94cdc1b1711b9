/** Places, what they hold, and the tree they stand in. */
@NullMarked
package gerula.core.kit.place;

import org.jspecify.annotations.NullMarked;
