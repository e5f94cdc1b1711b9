/** Pictures: read by what they are, made small, and kept without anything that is not seen. */
@NullMarked
package gerula.app.platform.picture;

import org.jspecify.annotations.NullMarked;
