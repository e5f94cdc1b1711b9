/** What the kit is worth, what was spent, discarded and used, and what a job costs. */
@NullMarked
package gerula.app.restock.money;

import org.jspecify.annotations.NullMarked;
