/**
 * The desk of a shop to which orders are sent: another program, of which nothing is taken on trust.
 */
@NullMarked
package gerula.app.restock.desk;

import org.jspecify.annotations.NullMarked;
