/** A bag laid open to scale: where each compartment and each piece is drawn, in millimetres. */
@NullMarked
package gerula.core.kit.opencase;

import org.jspecify.annotations.NullMarked;
