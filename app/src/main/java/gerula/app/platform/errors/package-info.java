/** Refusals and how they leave as problem details. */
@NullMarked
package gerula.app.platform.errors;

import org.jspecify.annotations.NullMarked;
