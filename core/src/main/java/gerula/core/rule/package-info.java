/** What the core says about its results: reasons, findings and the house rules they follow. */
@NullMarked
package gerula.core.rule;

import org.jspecify.annotations.NullMarked;
