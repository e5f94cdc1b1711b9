/** Colour: told, compared, mixed; whom the kit can match with what. */
@NullMarked
package gerula.core.shade;

import org.jspecify.annotations.NullMarked;
