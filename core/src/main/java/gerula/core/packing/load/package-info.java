/** The load plan: what goes into which compartment of which bag, where it lies, and what stays. */
@NullMarked
package gerula.core.packing.load;

import org.jspecify.annotations.NullMarked;
