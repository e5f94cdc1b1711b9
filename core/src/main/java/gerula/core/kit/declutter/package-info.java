/** What to decide on when a kit is gone through. */
@NullMarked
package gerula.core.kit.declutter;

import org.jspecify.annotations.NullMarked;
