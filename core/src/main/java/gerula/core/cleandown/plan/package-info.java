/** The work of cleaning, put into the order that takes least time. */
@NullMarked
package gerula.core.cleandown.plan;

import org.jspecify.annotations.NullMarked;
