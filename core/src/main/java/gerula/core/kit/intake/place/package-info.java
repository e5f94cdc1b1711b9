/** Places as somebody types them: a case with its trays in one line. */
@NullMarked
package gerula.core.kit.intake.place;

import org.jspecify.annotations.NullMarked;
