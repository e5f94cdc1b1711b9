/** Going through a place once a season: what is kept, retired, thrown out. */
@NullMarked
package gerula.app.kit.declutter;

import org.jspecify.annotations.NullMarked;
