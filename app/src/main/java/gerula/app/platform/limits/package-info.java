/** What one account or one address may ask for, so that nobody stops the others: docs/limits.md. */
@NullMarked
package gerula.app.platform.limits;

import org.jspecify.annotations.NullMarked;
