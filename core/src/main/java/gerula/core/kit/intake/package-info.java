/**
 * Reading a kit from a table somebody else wrote: headers, dates, numbers and words of the trade.
 */
@NullMarked
package gerula.core.kit.intake;

import org.jspecify.annotations.NullMarked;
