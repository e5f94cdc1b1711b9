/** Items over HTTP and in the database. */
@NullMarked
package gerula.app.kit.item;

import org.jspecify.annotations.NullMarked;
