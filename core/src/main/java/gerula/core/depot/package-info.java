/** The depot bench: what fits into what, and what is worth moving. */
@NullMarked
package gerula.core.depot;

import org.jspecify.annotations.NullMarked;
