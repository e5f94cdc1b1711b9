/** The kit over HTTP and in the database. */
@NullMarked
package gerula.app.kit;

import org.jspecify.annotations.NullMarked;
