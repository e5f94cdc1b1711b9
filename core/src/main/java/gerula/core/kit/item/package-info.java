/** One item: what it is in, how full, how clean, for whom, its marks and its acts. */
@NullMarked
package gerula.core.kit.item;

import org.jspecify.annotations.NullMarked;
