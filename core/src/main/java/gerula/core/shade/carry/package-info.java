/** The fewest shades that match every face. */
@NullMarked
package gerula.core.shade.carry;

import org.jspecify.annotations.NullMarked;
