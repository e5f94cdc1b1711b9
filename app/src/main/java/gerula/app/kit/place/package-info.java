/** Places over HTTP and in the database, and what lies in them. */
@NullMarked
package gerula.app.kit.place;

import org.jspecify.annotations.NullMarked;
