/** Brushes from face to face and from day to day. */
@NullMarked
package gerula.core.cleandown.brushes;

import org.jspecify.annotations.NullMarked;
