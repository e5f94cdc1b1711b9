/** Pictures of things. */
@NullMarked
package gerula.app.kit.picture;

import org.jspecify.annotations.NullMarked;
