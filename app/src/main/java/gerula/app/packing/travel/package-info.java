/** What may go by air, over HTTP. */
@NullMarked
package gerula.app.packing.travel;

import org.jspecify.annotations.NullMarked;
