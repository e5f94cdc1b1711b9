/** The stock of empty containers. */
@NullMarked
package gerula.app.depot.empties;

import org.jspecify.annotations.NullMarked;
