/** The load plan: what goes into which compartment of which bag. */
@NullMarked
package gerula.app.packing.load;

import org.jspecify.annotations.NullMarked;
