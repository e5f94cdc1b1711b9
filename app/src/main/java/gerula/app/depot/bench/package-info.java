/** Sessions at the depot bench. */
@NullMarked
package gerula.app.depot.bench;

import org.jspecify.annotations.NullMarked;
