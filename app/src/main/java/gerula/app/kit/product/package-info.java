/** Products in the database, and their pack codes. */
@NullMarked
package gerula.app.kit.product;

import org.jspecify.annotations.NullMarked;
