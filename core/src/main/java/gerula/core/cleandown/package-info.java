/** Cleaning and disinfecting: what it takes, and what is wrong with it. */
@NullMarked
package gerula.core.cleandown;

import org.jspecify.annotations.NullMarked;
