/** What is always so of a kit, whatever was done with it, and how one that is not is mended. */
@NullMarked
package gerula.core.invariant;

import org.jspecify.annotations.NullMarked;
