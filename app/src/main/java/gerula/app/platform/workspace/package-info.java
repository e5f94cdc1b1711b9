/** Workspaces and their isolation. */
@NullMarked
package gerula.app.platform.workspace;

import org.jspecify.annotations.NullMarked;
