/** The append-only record of every act, and undoing one. */
@NullMarked
package gerula.app.ledger;

import org.jspecify.annotations.NullMarked;
