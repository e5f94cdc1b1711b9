/** What was used and is to be cleaned now: between two faces, or after the job. */
@NullMarked
package gerula.core.cleandown.work;

import org.jspecify.annotations.NullMarked;
