package gerula.core.cleandown;

import gerula.core.rule.Code;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * That a thing, or what is in it, touched somebody.
 *
 * @param item the thing
 * @param person whom it touched
 * @param booking at which booking, null when at none
 * @param face as which face of it, null when at no booking
 */
public record Contact(
    UUID id,
    UUID item,
    UUID person,
    @Nullable UUID booking,
    @Nullable UUID face,
    How how,
    Instant at) {

  /** In which way: it decides what has to be done to the thing. */
  public enum How implements Code {
    /** The thing itself touched skin. */
    DIRECT,
    /** A clean single-use tool took of it, once. */
    APPLICATOR,
    /** It was scooped or squeezed onto a clean spot of the palette and worked from there. */
    PALETTE,
    /** A tool that had touched skin went back into it. */
    DOUBLE_DIP,
    /** It was sprayed and never touched. */
    SPRAY
  }
}
