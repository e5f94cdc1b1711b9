/** How the application speaks HTTP and JSON. */
@NullMarked
package gerula.app.platform.web;

import org.jspecify.annotations.NullMarked;
