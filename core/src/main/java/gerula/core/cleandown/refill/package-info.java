/** What a ready pouch is to hold, and what it is refilled from. */
@NullMarked
package gerula.core.cleandown.refill;

import org.jspecify.annotations.NullMarked;
