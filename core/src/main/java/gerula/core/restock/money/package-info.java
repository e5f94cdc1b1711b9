/** What the kit is worth, what was spent, discarded and used, and what a job costs. */
@NullMarked
package gerula.core.restock.money;

import org.jspecify.annotations.NullMarked;
