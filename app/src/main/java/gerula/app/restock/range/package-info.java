/** Whether the kit holds what the work asks for, and what is tried before more of it is bought. */
@NullMarked
package gerula.app.restock.range;

import org.jspecify.annotations.NullMarked;
