/** The day: who sits in which chair when. */
@NullMarked
package gerula.core.packing.day;

import org.jspecify.annotations.NullMarked;
