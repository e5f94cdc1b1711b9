/** What may go by air, in the cabin and in the hold. */
@NullMarked
package gerula.core.packing.travel;

import org.jspecify.annotations.NullMarked;
