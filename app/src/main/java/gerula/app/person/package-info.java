/** People: who they are, what is known of them, and how that is erased. */
@NullMarked
package gerula.app.person;

import org.jspecify.annotations.NullMarked;
