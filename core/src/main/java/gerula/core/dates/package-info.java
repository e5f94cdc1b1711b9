/** The clocks of a pack and the last day it may be used. */
@NullMarked
package gerula.core.dates;

import org.jspecify.annotations.NullMarked;
