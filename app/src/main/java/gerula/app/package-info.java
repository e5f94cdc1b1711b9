/** The application: HTTP, storage and use cases around the core. */
@NullMarked
package gerula.app;

import org.jspecify.annotations.NullMarked;
