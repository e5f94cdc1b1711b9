/** A workspace as a file. */
@NullMarked
package gerula.app.archive;

import org.jspecify.annotations.NullMarked;
