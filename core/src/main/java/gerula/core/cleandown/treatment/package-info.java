/** What has to be done to a thing after it was used, so that it may be used again. */
@NullMarked
package gerula.core.cleandown.treatment;

import org.jspecify.annotations.NullMarked;
