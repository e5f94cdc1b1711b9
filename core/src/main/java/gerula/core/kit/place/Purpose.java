package gerula.core.kit.place;

import gerula.core.kit.PersonRef;
import gerula.core.kit.product.Section;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a place is laid out for.
 *
 * @param section what is packed here first, null for anything
 * @param allowed what may lie here at all, empty for anything
 * @param performer whose section it is, null for nobody's in particular
 * @param use what it serves for, null for the working kit
 */
public record Purpose(
    @Nullable Section section,
    Set<Section> allowed,
    @Nullable PersonRef performer,
    @Nullable PlaceUse use) {

  public static final Purpose ANY = new Purpose(null, Set.of(), null, null);

  public Purpose {
    allowed = Set.copyOf(allowed);
  }

  /** Whether what is worked with may be packed here before the job. */
  public boolean takesTheKit() {
    return use == null || use.takesTheKit();
  }

  public boolean allows(Section one) {
    return allowed.isEmpty() || allowed.contains(one);
  }
}
