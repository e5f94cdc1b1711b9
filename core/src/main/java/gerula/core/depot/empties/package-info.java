/** Empty containers: which there are and what they suit. */
@NullMarked
package gerula.core.depot.empties;

import org.jspecify.annotations.NullMarked;
