package gerula.core.cleandown.trace;

import gerula.core.cleandown.Contact;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was written down of uses, fillings and treatments, asked for as far as it is needed. */
public interface ContactLog {

  /** A face at a booking. */
  record FaceAt(@Nullable UUID booking, @Nullable UUID face) {}

  /**
   * That something went from one pack into another container.
   *
   * @param at the earliest moment at which that may have been
   * @param latest moment at which it may have been: often only the day is known
   * @param washedOutAt when nothing of it was in there any more, null as long as something is
   */
  record Filled(
      UUID source, UUID into, Instant at, Instant latest, @Nullable Instant washedOutAt) {}

  /** That a treatment took the risk away from a thing. */
  record Cleared(UUID item, Instant at) {}

  /** Of these things, from a moment on. */
  List<Contact> ofItems(Collection<UUID> items, Instant since);

  /** On these faces, from a moment on. */
  List<Contact> onFaces(Collection<FaceAt> faces, Instant since);

  List<Filled> filledFrom(Collection<UUID> sources);

  List<Cleared> cleared(Collection<UUID> items, Instant since);
}
