/** What is printed: pages, their letters and their formats. */
@NullMarked
package gerula.app.platform.paper;

import org.jspecify.annotations.NullMarked;
