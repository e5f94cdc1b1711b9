/** What every trade word's room stands on. */
@NullMarked
package gerula.app.platform;

import org.jspecify.annotations.NullMarked;
