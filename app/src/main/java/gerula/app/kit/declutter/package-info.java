/** Going through a place once a season: what is kept, retired, discarded. */
@NullMarked
package gerula.app.kit.declutter;

import org.jspecify.annotations.NullMarked;
