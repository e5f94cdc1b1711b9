/** What went from what into what, and what a refill takes along. */
@NullMarked
package gerula.core.depot.lineage;

import org.jspecify.annotations.NullMarked;
