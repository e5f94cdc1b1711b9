package gerula.core.kit.item;

import gerula.core.kit.PersonRef;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** On whom a thing may be used. Closed: every rule of sharing asks for one of these. */
public sealed interface ForWhom {

  ForWhom EVERYBODY = new Everybody();

  /**
   * Whether it may be offered for a face.
   *
   * @param person who the face is, null when nobody knows
   */
  boolean allows(@Nullable UUID person);

  /** Kit: shared, as its form allows. */
  record Everybody() implements ForWhom {
    @Override
    public boolean allows(@Nullable UUID person) {
      return true;
    }
  }

  /** The artist's own: never offered for others. */
  record TheArtist() implements ForWhom {
    @Override
    public boolean allows(@Nullable UUID person) {
      return false;
    }
  }

  /** One person's: a sponge, drops, a felt tip that touched one face. */
  record Only(PersonRef person) implements ForWhom {
    @Override
    public boolean allows(@Nullable UUID other) {
      return person.id().equals(other);
    }
  }
}
