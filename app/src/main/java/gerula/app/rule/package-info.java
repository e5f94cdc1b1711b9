/** The house's own rules in the database. */
@NullMarked
package gerula.app.rule;

import org.jspecify.annotations.NullMarked;
