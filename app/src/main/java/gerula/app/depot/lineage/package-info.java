/** What was filled from what: decanting, filling again, recalls. */
@NullMarked
package gerula.app.depot.lineage;

import org.jspecify.annotations.NullMarked;
