/**
 * Working from a trailer: what is set up where, what stays in it from day to day, what goes home.
 */
@NullMarked
package gerula.core.packing.trailer;

import org.jspecify.annotations.NullMarked;
