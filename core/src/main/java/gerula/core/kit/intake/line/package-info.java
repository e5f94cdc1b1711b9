/** One line, one thing: a line as people type it, read into what it tells of an item. */
@NullMarked
package gerula.core.kit.intake.line;

import org.jspecify.annotations.NullMarked;
