/** Finding things in the kit: by words, by marks, by place. */
@NullMarked
package gerula.app.kit.find;

import org.jspecify.annotations.NullMarked;
