/** What stands on a label, and where labels lie on a sheet. */
@NullMarked
package gerula.core.kit.label;

import org.jspecify.annotations.NullMarked;
