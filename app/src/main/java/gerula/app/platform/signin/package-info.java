/** Accounts, sessions and who may ask. */
@NullMarked
package gerula.app.platform.signin;

import org.jspecify.annotations.NullMarked;
