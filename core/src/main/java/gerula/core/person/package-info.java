/** People: who is one wherever he turns up. */
@NullMarked
package gerula.core.person;

import org.jspecify.annotations.NullMarked;
