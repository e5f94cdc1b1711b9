/** Whether a kit holds what the work asks for: holes, what does the same, what lies unused. */
@NullMarked
package gerula.core.restock.range;

import org.jspecify.annotations.NullMarked;
