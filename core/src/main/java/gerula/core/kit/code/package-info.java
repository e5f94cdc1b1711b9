/** Codes on things: the kit's own short ones and those printed on packs. */
@NullMarked
package gerula.core.kit.code;

import org.jspecify.annotations.NullMarked;
