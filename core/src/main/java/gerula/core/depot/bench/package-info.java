/** A session at the depot bench: what is worth decanting, into what, in which order. */
@NullMarked
package gerula.core.depot.bench;

import org.jspecify.annotations.NullMarked;
