/** Labels as PDF. */
@NullMarked
package gerula.app.kit.label;

import org.jspecify.annotations.NullMarked;
