/** The depot bench over HTTP. */
@NullMarked
package gerula.app.depot;

import org.jspecify.annotations.NullMarked;
