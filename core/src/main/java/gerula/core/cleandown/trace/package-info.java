/** Whom a thing touched, directly and through others. */
@NullMarked
package gerula.core.cleandown.trace;

import org.jspecify.annotations.NullMarked;
