/** What is to be bought, over HTTP and in the database. */
@NullMarked
package gerula.app.restock;

import org.jspecify.annotations.NullMarked;
