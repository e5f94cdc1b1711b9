/** A kit as CSV: in, with a preview, and out again. */
@NullMarked
package gerula.app.kit.intake;

import org.jspecify.annotations.NullMarked;
